package wrenlane.server.platform.http;

/** Something stored that counts its changes. Its version goes out as a field and as the answer's {@code ETag}. */
public interface VersionedResource {
    /** 1 when it was made, one more with every change. */
    long version();
}
