package org.eskarn.app.demo;

import java.util.Optional;
import org.eskarn.app.account.InstallationService;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Before the first request: a new data folder is marked as the demo's or as holding real records, and the demo's is
 * filled. Real records and the demo never share a folder.
 */
@Component
class DemoStart implements SmartInitializingSingleton {

    private final InstallationService installation;
    private final DemoWorld world;
    private final boolean demoWanted;
    private final String folder;

    DemoStart(
            InstallationService installation,
            DemoWorld world,
            @Value("${eskarn.demo}") boolean demoWanted,
            @Value("${eskarn.data}") String folder) {
        this.installation = installation;
        this.world = world;
        this.demoWanted = demoWanted;
        this.folder = folder;
    }

    @Override
    public void afterSingletonsInstantiated() {
        Optional<Boolean> madeForDemo = installation.madeForDemo();
        if (madeForDemo.isEmpty()) {
            if (demoWanted) {
                world.make();
            } else {
                installation.make(false);
            }
        } else if (demoWanted && !madeForDemo.get()) {
            throw new IllegalStateException("The folder " + folder
                    + " holds real records: the demo needs a folder of its own, name one with --data.");
        }
    }
}
