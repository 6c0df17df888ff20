package wrenlane.server.platform.http;

import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpEntity;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** Says the version of what is answered as its {@code ETag}; of a problem leaves out the address it was asked at. */
@RestControllerAdvice
class EntityTags implements ResponseBodyAdvice<Object> {
    @Override
    public boolean supports(MethodParameter answer, Class<? extends HttpMessageConverter<?>> converter) {
        return VersionedResource.class.isAssignableFrom(answer.getParameterType())
                || ProblemDetail.class.isAssignableFrom(answer.getParameterType())
                || HttpEntity.class.isAssignableFrom(answer.getParameterType());
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter answer,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (body instanceof VersionedResource versioned) {
            response.getHeaders().setETag("\"" + versioned.version() + "\"");
        }
        if (body instanceof ProblemDetail problem) {
            // Whoever asked knows the address, and it may be of any length.
            problem.setInstance(null);
        }
        return body;
    }
}
