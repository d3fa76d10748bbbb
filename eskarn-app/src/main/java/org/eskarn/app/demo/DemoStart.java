package org.eskarn.app.demo;

import java.util.Optional;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.page.Words;
import org.eskarn.app.start.StartRefused;
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
    private final DemoLoad load;
    private final int many;
    private final String folder;
    private final boolean verifying;

    DemoStart(
            InstallationService installation,
            DemoWorld world,
            @Value("${eskarn.demo}") boolean demoWanted,
            DemoLoad load,
            @Value("${eskarn.load:0}") int many,
            @Value("${eskarn.data}") String folder,
            @Value("${eskarn.verify:false}") boolean verifying) {
        this.installation = installation;
        this.world = world;
        this.demoWanted = demoWanted;
        this.load = load;
        this.many = many;
        this.folder = folder;
        this.verifying = verifying;
    }

    @Override
    public void afterSingletonsInstantiated() {
        Optional<Boolean> madeForDemo = installation.madeForDemo();
        if (madeForDemo.isEmpty()) {
            if (demoWanted) {
                world.make();
                if (many > 0) {
                    load.make(many);
                }
            } else {
                installation.make(false);
            }
        } else if (demoWanted && !madeForDemo.get()) {
            throw new StartRefused(Words.say("start.holds-real-records", folder));
        } else if (!demoWanted && madeForDemo.get() && !verifying) {
            throw new StartRefused(Words.say("start.holds-the-demo", folder));
        }
    }
}
