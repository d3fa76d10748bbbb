package org.eskarn.app.api;

import com.fasterxml.jackson.core.JsonProcessingException;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Locale;
import org.springdoc.webmvc.api.OpenApiWebMvcResource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import tools.jackson.databind.json.JsonMapper;

/** What other programs may ask and send, for the people who write them. */
@Controller
@ConditionalOnWebApplication
class InterfaceController {

    private final OpenApiWebMvcResource description;
    private final String address;

    InterfaceController(OpenApiWebMvcResource description, @Value("${springdoc.api-docs.path}") String address) {
        this.description = description;
        this.address = address;
    }

    @GetMapping("/interface")
    String show(HttpServletRequest request, Model model) throws JsonProcessingException {
        model.addAttribute("place", "bench");
        model.addAttribute("address", address);
        model.addAttribute(
                "page",
                InterfacePage.of(
                        JsonMapper.shared().readTree(description.openapiJson(request, address, Locale.ENGLISH))));
        return "api/interface";
    }
}
