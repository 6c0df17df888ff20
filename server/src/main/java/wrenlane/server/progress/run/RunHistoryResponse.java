package wrenlane.server.progress.run;

import java.util.List;
import wrenlane.run.RunHistory;

/**
 * A run as it stands now, with all that it was before.
 *
 * @param run as last corrected; withdrawn where it was undone
 * @param earlier what it was before it was corrected, the latest first
 */
record RunHistoryResponse(RunResponse run, List<RunResponse> earlier) {
    static RunHistoryResponse of(RunHistory history) {
        return new RunHistoryResponse(
                RunResponse.of(history.current()),
                history.earlier().stream().map(RunResponse::of).toList());
    }
}
