package org.eskarn.app.webhook;

import java.util.List;
import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.FormRefused;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The steward’s page of the programs that are told of what is signed. */
@Controller
@RequestMapping("/works/hooks")
class WebHookController {

    private final WebHooks hooks;

    WebHookController(WebHooks hooks) {
        this.hooks = hooks;
    }

    @GetMapping
    String show(Model model) {
        return page("", "", Map.of(), model);
    }

    private String page(String name, String address, Map<String, String> problems, Model model) {
        model.addAttribute("place", "works");
        List<WebHook> told = hooks.all();
        model.addAttribute("hooks", told);
        model.addAttribute("told", told.stream().map(WebHook::id).toList());
        model.addAttribute("names", hooks.names());
        model.addAttribute("events", hooks.latest());
        model.addAttribute("name", name);
        model.addAttribute("address", address);
        model.addAttribute("problems", problems);
        return "works/hooks";
    }

    @PostMapping
    String make(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String address,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            model.addAttribute("secret", hooks.make(person.id(), name, address.strip()));
            return show(model);
        } catch (FormRefused e) {
            return page(name, address, e.problems(), model);
        }
    }

    @PostMapping("/{id}/end")
    String end(@PathVariable long id) {
        hooks.end(id);
        return "redirect:/works/hooks";
    }

    @PostMapping("/events/{id}/again")
    String again(@PathVariable long id) {
        hooks.again(id);
        return "redirect:/works/hooks";
    }
}
