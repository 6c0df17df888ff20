package wrenlane.server.platform.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.problem.ConflictException;

/** Whether a device is signed in. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final ObjectProvider<SignIn> signIn;

    SessionController(ObjectProvider<SignIn> signIn) {
        this.signIn = signIn;
    }

    /**
     * How it stands with the device that asks.
     *
     * @param asked whether it came over the network, where a passphrase is asked for
     * @param signedIn whether it may ask for data
     */
    record Session(boolean asked, boolean signedIn) {}

    /**
     * What signs a device in.
     *
     * @param passphrase as typed
     */
    record Key(@NotNull @Size(max = 400) String passphrase) {}

    /** Whether this device has signed in. */
    @GetMapping
    Session getSession(HttpServletRequest request) {
        boolean asked = request.isSecure();
        return new Session(asked, !asked || request.getUserPrincipal() != null);
    }

    /** Signs in; status 422 for a wrong passphrase, 429 while a next try has to wait, 409 where nothing is asked. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signIn(@Valid @RequestBody Key key, HttpServletRequest request, HttpServletResponse response) {
        asking(request).in(key.passphrase(), request, response);
    }

    /** Signs out on this device. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        asking(request).out(request, response);
    }

    private SignIn asking(HttpServletRequest request) {
        SignIn here = request.isSecure() ? signIn.getIfAvailable() : null;
        if (here == null) {
            throw new ConflictException("On this machine itself nobody is asked to sign in.");
        }
        return here;
    }
}
