package wrenlane.server.platform.signin;

import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.signin.Devices.Device;

/** Devices that are signed in, for the machine itself. */
@RestController
@RequestMapping(DevicesController.DEVICES)
class DevicesController {
    /** Where they are. */
    static final String DEVICES = "/api/network/devices";

    private final ObjectProvider<Devices> devices;

    DevicesController(ObjectProvider<Devices> devices) {
        this.devices = devices;
    }

    /** Devices that are signed in, the newest first; none where the app is not on the network. */
    @GetMapping
    List<Device> listDevices() {
        Devices here = devices.getIfAvailable();
        return here == null ? List.of() : here.all();
    }

    /** Signs a device out: what it asks for next is refused. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signDeviceOut(@PathVariable String id) {
        devices.ifAvailable(here -> here.signOut(id));
    }
}
