package wrenlane.server.platform.length;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Finding;
import wrenlane.server.platform.http.ReaderUnits;

/** A length that somebody can have measured, and that its text says; the core judges. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = ValidLength.Validator.class)
@interface ValidLength {
    /** Replaced by what the core says. */
    String message() default "is not a length";

    /** Of the validation API. */
    Class<?>[] groups() default {};

    /** Of the validation API. */
    Class<? extends Payload>[] payload() default {};

    /** Asks the core, once all parts are there. */
    class Validator implements ConstraintValidator<ValidLength, LengthJson> {
        @Override
        public boolean isValid(@Nullable LengthJson length, ConstraintValidatorContext context) {
            List<Finding> wrong = length == null || !length.complete() ? List.of() : length.check("length");
            context.disableDefaultConstraintViolation();
            wrong.forEach(f -> context.buildConstraintViolationWithTemplate(escaped(ReaderUnits.said(f.message())))
                    .addConstraintViolation());
            return wrong.isEmpty();
        }

        /** Braces, dollars and backslashes mean something in a template. */
        private static String escaped(String message) {
            return message.replaceAll("([\\\\{}$])", "\\\\$1");
        }
    }
}
