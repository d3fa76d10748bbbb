package org.eskarn.app.ledger.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.ledger.DrawingWriter;
import org.eskarn.app.ledger.SignedDocuments;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** Pictures of dockets as files: of a signed one as it was signed, of one in hand as it stands. */
@Controller
@RequestMapping("/pictures")
class PictureController {

    private final SignedDocuments documents;
    private final DocketService dockets;
    private final DrawingWriter drawings;
    private final PictureFile files;

    PictureController(SignedDocuments documents, DocketService dockets, DrawingWriter drawings, PictureFile files) {
        this.documents = documents;
        this.dockets = dockets;
        this.drawings = drawings;
        this.files = files;
    }

    @GetMapping("/{number:[0-9]+}-{position:[0-9]+}.svg")
    ResponseEntity<byte[]> svg(@PathVariable int number, @PathVariable int position) {
        return attached(
                file(number, position).getBytes(StandardCharsets.UTF_8), "image/svg+xml", number, position, "svg");
    }

    @GetMapping("/{number:[0-9]+}-{position:[0-9]+}.png")
    ResponseEntity<byte[]> png(@PathVariable int number, @PathVariable int position) throws IOException {
        return attached(files.png(file(number, position)), "image/png", number, position, "png");
    }

    private static ResponseEntity<byte[]> attached(byte[] file, String type, int number, int position, String end) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"docket-" + number + "-" + position + "." + end + "\"")
                .body(file);
    }

    private String file(int number, int position) {
        return documents
                .ofDocket(number)
                .map(placed -> signed(placed.document().orElseThrow(NotFound::new), position))
                .orElseGet(() -> inHand(number, position));
    }

    private String signed(SignedDocument document, int position) {
        RequirementPart requirement = document.requirements().stream()
                .filter(each -> each.position() == position)
                .findFirst()
                .orElseThrow(NotFound::new);
        var drawn = requirement.result().drawings();
        return files.svg(
                drawn.picture(),
                lines(
                        document.docket().number(),
                        document.part().title(),
                        document.docket().serial(),
                        requirement.title(),
                        Words.say("ledger.signed-picture"),
                        drawn.title(),
                        drawn.scale()));
    }

    /** While another inspector measures, what the ones before found is not shown to anybody. */
    private String inHand(int number, int position) {
        var docket = dockets.find(number).orElseThrow(NotFound::new);
        var setUp = docket.at(position).filter(each -> !each.blind()).orElseThrow(NotFound::new);
        Picture picture = SetUpDisplay.picture(setUp);
        return files.svg(
                drawings.write(picture),
                lines(
                        docket.number(),
                        docket.part().title(),
                        docket.serial(),
                        setUp.requirement().title(),
                        Words.say("ledger.picture-in-hand"),
                        picture.title(),
                        picture.scaleLine()));
    }

    private static List<String> lines(
            int number, String part, String serial, String requirement, String state, String title, String scale) {
        return Stream.of(
                        Words.say("ledger.picture-of", number, part, serial, state),
                        requirement,
                        title + (scale.isEmpty() ? "" : " \u00b7 " + scale))
                .filter(line -> !line.isBlank())
                .toList();
    }
}
