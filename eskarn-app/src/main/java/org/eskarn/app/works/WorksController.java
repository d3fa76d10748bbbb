package org.eskarn.app.works;

import java.util.List;
import java.util.Map;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.actions.Action;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.backup.Backup;
import org.eskarn.app.backup.BackupRefused;
import org.eskarn.app.backup.BackupService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The steward's page about the installation itself. */
@Controller
@RequestMapping("/works")
class WorksController {

    private static final int AT_ONCE = 50;

    private final InstallationService installation;
    private final BackupService backups;
    private final ActionLog actions;

    WorksController(InstallationService installation, BackupService backups, ActionLog actions) {
        this.installation = installation;
        this.backups = backups;
        this.actions = actions;
    }

    @GetMapping
    String show(Model model) {
        return page(String.valueOf(installation.idle().toMinutes()), Map.of(), model);
    }

    private String page(String idleMinutes, Map<String, String> problems, Model model) {
        model.addAttribute("place", "works");
        model.addAttribute("idleMinutes", idleMinutes);
        model.addAttribute("problems", problems);
        model.addAttribute("backups", backups.all());
        model.addAttribute("folder", backups.folder());
        model.addAttribute("demo", installation.demo());
        return "works/works";
    }

    @PostMapping("/idle")
    String idle(@RequestParam(defaultValue = "") String idleMinutes, Model model) {
        try {
            installation.setIdle(idleMinutes);
            return "redirect:/works";
        } catch (FormRefused refused) {
            return page(idleMinutes, refused.problems(), model);
        }
    }

    @PostMapping("/backup")
    String backup(Model model) {
        try {
            Backup made = backups.now();
            actions.tellAlone(ActionAbout.WORKS, Words.say("works.action-backup", made.file()));
            return "redirect:/works";
        } catch (BackupRefused refused) {
            return page(
                    String.valueOf(installation.idle().toMinutes()),
                    Map.of("backup", String.valueOf(refused.getMessage())),
                    model);
        }
    }

    @GetMapping("/actions")
    String actions(
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) @Nullable ActionAbout about,
            @RequestParam(defaultValue = "" + Long.MAX_VALUE) long before,
            Model model) {
        List<Action> found = actions.search(text, about, before, AT_ONCE + 1);
        model.addAttribute("place", "works");
        model.addAttribute("text", text);
        model.addAttribute("about", about);
        model.addAttribute("abouts", ActionAbout.values());
        model.addAttribute("actions", found.subList(0, Math.min(AT_ONCE, found.size())));
        model.addAttribute(
                "earlier", found.size() > AT_ONCE ? found.get(AT_ONCE - 1).id() : null);
        return "works/actions";
    }
}
