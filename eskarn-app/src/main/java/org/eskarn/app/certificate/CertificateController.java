package org.eskarn.app.certificate;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.units.LengthUnit;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The page of a maker's certificate, under the docket of its piece. */
@Controller
@RequestMapping("/dockets/{number:[0-9]+}/certificate")
class CertificateController {

    private final CertificateService certificates;
    private final DocketService dockets;
    private final AccountService accounts;

    CertificateController(CertificateService certificates, DocketService dockets, AccountService accounts) {
        this.certificates = certificates;
        this.dockets = dockets;
        this.accounts = accounts;
    }

    /** Read once for each request; what follows a refusal is read anew. */
    @ModelAttribute
    void everywhere(@PathVariable int number, @AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("place", "docket");
        model.addAttribute("problems", Map.of());
        put(docket(number), person, model);
    }

    private static void put(Docket docket, SignedIn person, Model model) {
        model.addAttribute("docket", docket);
        model.addAttribute("mayWrite", person.role().inspects() && !docket.signed());
    }

    private Docket docket(int number) {
        return dockets.find(number).orElseThrow(NotFound::new);
    }

    @GetMapping
    String show(
            @ModelAttribute(name = "docket", binding = false) Docket docket,
            @RequestParam(defaultValue = "0") int row,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Optional<Certificate> there = certificates.of(docket);
        if (there.isEmpty()) {
            if (!person.role().inspects() || docket.signed()) {
                throw new NotFound();
            }
            return head(docket, model);
        }
        Certificate certificate = there.get();
        model.addAttribute("certificate", certificate);
        model.addAttribute(
                "page",
                CertificatePage.of(
                        Judged.of(certificate, docket),
                        certificates.history(certificate),
                        row,
                        accounts.units(person.id())));
        return "certificate/certificate";
    }

    @GetMapping("/head")
    String head(@ModelAttribute(name = "docket", binding = false) Docket docket, Model model) {
        Optional<Certificate> there = certificates.of(docket);
        return headPage(
                there.map(each -> CertificateForm.of(each.head())).orElseGet(() -> certificates.begin(docket)),
                there.map(each -> each.head().version()).orElse(0),
                there.isPresent(),
                model);
    }

    private static String headPage(CertificateForm form, int version, boolean there, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("version", version);
        model.addAttribute("there", there);
        model.addAttribute("units", LengthUnit.values());
        return "certificate/head";
    }

    @PostMapping("/head")
    String write(
            @PathVariable int number,
            @RequestParam int version,
            CertificateForm form,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            certificates.write(number, version, form, person.id());
            return back(number, 0);
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return headPage(form, version, certificates.of(docket(number)).isPresent(), model);
        } catch (DocketConflict e) {
            model.addAttribute("problems", conflict(e));
            return headPage(form, version, true, model);
        }
    }

    private static Map<String, String> conflict(DocketConflict conflict) {
        return Map.of("certificate", String.valueOf(conflict.getMessage()));
    }

    private static String back(int number, int row) {
        return "redirect:/dockets/" + number + "/certificate" + (row > 0 ? "?row=" + row : "");
    }

    /** @param position 0 for a new row */
    @GetMapping("/rows/{position}")
    String row(
            @ModelAttribute(name = "docket", binding = false) Docket docket, @PathVariable int position, Model model) {
        Certificate certificate = certificates.of(docket).orElseThrow(NotFound::new);
        List<ClaimLine> rows = certificate.claims();
        LimitUnit last = rows.isEmpty()
                ? LimitUnit.MICROMETRE
                : rows.get(rows.size() - 1).unit();
        ClaimForm form = position == 0
                ? ClaimForm.empty(last)
                : rows.stream()
                        .filter(each -> each.position() == position)
                        .map(each -> ClaimForm.of(each, CertificateService.requirements(docket)))
                        .findFirst()
                        .orElseThrow(NotFound::new);
        return rowPage(form, position, certificate.head().version(), docket, model);
    }

    private static String rowPage(ClaimForm form, int position, int version, Docket docket, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("position", position);
        model.addAttribute("version", version);
        model.addAttribute("units", LimitUnit.values());
        model.addAttribute("reasons", Incomparable.values());
        model.addAttribute("requirements", CertificateService.requirements(docket));
        return "certificate/row";
    }

    @PostMapping("/rows/{position}")
    String writeRow(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam int version,
            @RequestParam(defaultValue = "false") boolean another,
            ClaimForm form,
            Model model) {
        try {
            int written = certificates.writeRow(number, version, position, form);
            return another ? "redirect:/dockets/" + number + "/certificate/rows/0" : back(number, written);
        } catch (FormRefused e) {
            model.addAttribute("problems", e.problems());
            return rowPage(form, position, version, docket(number), model);
        } catch (DocketConflict e) {
            model.addAttribute("problems", conflict(e));
            return rowPage(form, position, version, docket(number), model);
        }
    }

    @PostMapping("/rows/{position}/remove")
    String removeRow(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam int version,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            certificates.removeRow(number, version, position);
            return back(number, 0);
        } catch (FormRefused e) {
            return refused(e.problems(), number, position, person, model);
        } catch (DocketConflict e) {
            return refused(conflict(e), number, position, person, model);
        }
    }

    private String refused(Map<String, String> problems, int number, int row, SignedIn person, Model model) {
        model.addAttribute("problems", problems);
        Docket docket = docket(number);
        put(docket, person, model);
        return show(docket, row, person, model);
    }

    /** The figures of a certificate whose rows are there already. */
    @PostMapping("/claims")
    String writeClaims(
            @PathVariable int number,
            @RequestParam int version,
            @RequestParam Map<String, String> fields,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Map<Integer, String> typed = new HashMap<>();
        fields.forEach((name, value) -> {
            if (name.matches("claimed-\\d{1,4}")) {
                typed.put(Integer.parseInt(name.substring(name.indexOf('-') + 1)), value);
            }
        });
        try {
            certificates.writeClaims(number, version, typed);
            return back(number, 0);
        } catch (FormRefused e) {
            model.addAttribute("typed", fields);
            return refused(e.problems(), number, 0, person, model);
        } catch (DocketConflict e) {
            return refused(conflict(e), number, 0, person, model);
        }
    }

    @PostMapping(path = "/scans", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    String addScan(
            @PathVariable int number,
            @RequestParam MultipartFile scan,
            @AuthenticationPrincipal SignedIn person,
            Model model)
            throws IOException {
        String name = Optional.ofNullable(scan.getOriginalFilename()).orElse("");
        try {
            certificates.addScan(number, new ScannedFile(name, scan.getBytes()), person.id());
            return back(number, 0);
        } catch (FormRefused e) {
            return refused(e.problems(), number, 0, person, model);
        } catch (DocketConflict e) {
            return refused(conflict(e), number, 0, person, model);
        }
    }

    @GetMapping("/scans/{scan}")
    ResponseEntity<byte[]> scan(
            @ModelAttribute(name = "docket", binding = false) Docket docket, @PathVariable long scan) {
        CertificateService.Page page = certificates.page(docket, scan);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(page.scan().type()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(page.scan().name(), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(page.bytes());
    }

    @PostMapping("/scans/{scan}/remove")
    String removeScan(
            @PathVariable int number, @PathVariable long scan, @AuthenticationPrincipal SignedIn person, Model model) {
        try {
            certificates.removeScan(number, scan);
            return back(number, 0);
        } catch (DocketConflict e) {
            return refused(conflict(e), number, 0, person, model);
        }
    }
}
