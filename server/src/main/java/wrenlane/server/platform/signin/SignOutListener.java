package wrenlane.server.platform.signin;

/** Hears that a device was signed out, to end what it still has open. */
public interface SignOutListener {
    /** @param device its number, the name of its principal */
    void tell(String device);
}
