package org.eskarn.app.works;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.InstallationService;
import org.eskarn.app.actions.Action;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.backup.Backup;
import org.eskarn.app.backup.BackupRefused;
import org.eskarn.app.backup.BackupService;
import org.eskarn.app.letterhead.Letterhead;
import org.eskarn.app.letterhead.LetterheadService;
import org.eskarn.app.letterhead.LetterheadService.LetterheadForm;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.app.reminder.DailySummary;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The steward's page about the installation itself. */
@Controller
@RequestMapping("/works")
class WorksController {

    private static final int AT_ONCE = 50;

    private final InstallationService installation;
    private final BackupService backups;
    private final ActionLog actions;
    private final LetterheadService letterhead;
    private final DailySummary daily;

    WorksController(
            InstallationService installation,
            BackupService backups,
            ActionLog actions,
            LetterheadService letterhead,
            DailySummary daily) {
        this.daily = daily;
        this.installation = installation;
        this.backups = backups;
        this.actions = actions;
        this.letterhead = letterhead;
    }

    @GetMapping
    String show(Model model) {
        return page(String.valueOf(installation.idle().toMinutes()), Map.of(), model);
    }

    private String page(String idleMinutes, Map<String, String> problems, Model model) {
        Letterhead head = letterhead.current();
        model.addAttribute("letterhead", head);
        model.addAttribute("post", daily.settings());
        if (!model.containsAttribute("head")) {
            model.addAttribute("head", LetterheadForm.of(head));
        }
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

    @PostMapping("/letterhead")
    String letterhead(@RequestParam int version, LetterheadForm form, Model model) {
        try {
            letterhead.write(version, form);
            return "redirect:/works";
        } catch (FormRefused refused) {
            model.addAttribute("head", form);
            return refused(refused, model);
        }
    }

    private String refused(FormRefused refused, Model model) {
        return page(String.valueOf(installation.idle().toMinutes()), refused.problems(), model);
    }

    @PostMapping(path = "/logo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    String logo(@RequestParam int version, @RequestParam MultipartFile logo, Model model) throws IOException {
        try {
            letterhead.setLogo(version, logo.getBytes());
            return "redirect:/works";
        } catch (FormRefused refused) {
            return refused(refused, model);
        }
    }

    @PostMapping("/logo/remove")
    String removeLogo(@RequestParam int version, Model model) {
        try {
            letterhead.removeLogo(version);
            return "redirect:/works";
        } catch (FormRefused refused) {
            return refused(refused, model);
        }
    }

    @GetMapping("/logo")
    ResponseEntity<byte[]> logo() {
        Letterhead head = letterhead.current();
        byte[] picture = head.logo();
        if (picture == null) {
            throw new NotFound();
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(String.valueOf(head.logoType())))
                .body(picture);
    }

    @PostMapping("/post")
    String post(
            @RequestParam int version,
            @RequestParam(defaultValue = "") String recipients,
            @RequestParam(defaultValue = "") String hour,
            Model model) {
        try {
            daily.write(version, recipients, hour);
            return "redirect:/works";
        } catch (FormRefused refused) {
            model.addAttribute("typedRecipients", recipients);
            model.addAttribute("typedHour", hour);
            return refused(refused, model);
        }
    }

    @PostMapping("/post/now")
    String postNow(Model model) {
        try {
            daily.sendNow();
            model.addAttribute("sent", true);
            return page(String.valueOf(installation.idle().toMinutes()), Map.of(), model);
        } catch (FormRefused refused) {
            return refused(refused, model);
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
