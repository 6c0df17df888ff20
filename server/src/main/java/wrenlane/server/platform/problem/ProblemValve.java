package wrenlane.server.platform.problem;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import wrenlane.server.platform.http.OwnSiteFilter;

/** What the container itself refuses, before any filter sees it, is a problem document too. Made by Tomcat, by name. */
public class ProblemValve extends ErrorReportValve {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemValve.class);

    @Override
    protected void report(Request request, Response response, @Nullable Throwable thrown) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        if (thrown != null && status >= 500) {
            LOG.error("Unexpected", thrown);
        }
        try {
            response.resetBuffer();
            OwnSiteFilter.headers(response.getResponse(), OwnSiteFilter.PROBLEMS);
            ProblemDocument.write(response, status, StatusWords.of(status));
            response.finishResponse();
        } catch (IOException | IllegalStateException e) {
            LOG.debug("Nobody listens to the problem any more", e);
        }
    }
}
