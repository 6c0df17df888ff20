package wrenlane.server.platform.http;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;

/** A text with something in it to see; what that is, {@link TypedText} says. A missing one is refused too. */
@Target({
    ElementType.FIELD,
    ElementType.METHOD,
    ElementType.PARAMETER,
    ElementType.TYPE_USE,
    ElementType.RECORD_COMPONENT
})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = VisibleText.Validator.class)
public @interface VisibleText {
    /** Said after the field's name. */
    String message() default "must have something in it to read";

    /** Of the validation API. */
    Class<?>[] groups() default {};

    /** Of the validation API. */
    Class<? extends Payload>[] payload() default {};

    /** Asks the core. */
    class Validator implements ConstraintValidator<VisibleText, String> {
        @Override
        public boolean isValid(@Nullable String text, ConstraintValidatorContext context) {
            return text != null && TypedText.isVisible(text);
        }
    }
}
