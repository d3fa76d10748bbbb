package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.erdtman.jcs.JsonCanonicalizer;
import org.eskarn.app.docket.Step;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.PublicKeys;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.StoredDocument;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Documents signed in November 2026 by the first version of their schema, with the key that signed them: they verify and are
 * read for ever, whatever else changes. Never write them anew.
 */
@ExtendWith(RunningEskarn.class)
class GoldenDocumentTest {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JsonSchema SCHEMA = schema();

    private static JsonSchema schema() {
        try (InputStream schema = LedgerController.class.getResourceAsStream("eskarn-docket-1.schema.json")) {
            return JsonSchemaFactory.getInstance(VersionFlag.V202012).getSchema(Objects.requireNonNull(schema));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static JsonNode golden(String name) throws IOException {
        try (InputStream file = GoldenDocumentTest.class.getResourceAsStream("golden/" + name + ".json")) {
            return MAPPER.readTree(Objects.requireNonNull(file));
        }
    }

    private static byte[] canonical(JsonNode document) throws IOException {
        return new JsonCanonicalizer(MAPPER.writeValueAsString(document)).getEncodedUTF8();
    }

    private static StoredDocument stored(JsonNode envelope) throws IOException {
        JsonNode document = envelope.path("document");
        return new StoredDocument(
                document.path("number").asInt(),
                canonical(document),
                envelope.path("sha256").asText(),
                document.path("previous").asText(),
                document.path("key").asText(),
                envelope.path("signature").asText());
    }

    private static PublicKeys keys(JsonNode envelope) {
        return PublicKeys.of(
                "-----BEGIN PUBLIC KEY-----\n" + envelope.path("publicKey").asText() + "\n-----END PUBLIC KEY-----\n");
    }

    @ParameterizedTest
    @ValueSource(strings = {"212", "235", "252", "bore", "journal", "carried"})
    void verifiesForEver(String name) throws IOException {
        JsonNode envelope = golden(name);
        StoredDocument stored = stored(envelope);
        assertThat(stored.check(keys(envelope))).isEmpty();
        assertThat(SCHEMA.validate(envelope.path("document"))).isEmpty();
        // Nothing of it is lost in the records it is read into.
        assertThat(Json.hash(Json.canonical(Json.read(stored.canonical())))).isEqualTo(stored.hash());
        String one = new String(stored.canonical(), StandardCharsets.UTF_8);
        byte[] other = one.replaceFirst("\"serial\":\"VB-0", "\"serial\":\"VB-1")
                .replaceFirst("\"serial\":\"W-1", "\"serial\":\"W-2")
                .replaceFirst("\"serial\":\"X-1", "\"serial\":\"X-2")
                .getBytes(StandardCharsets.UTF_8);
        assertThat(Json.hash(other)).isNotEqualTo(stored.hash());
        assertThat(new StoredDocument(
                                stored.number(),
                                other,
                                Json.hash(other),
                                stored.previous(),
                                stored.key(),
                                stored.signature())
                        .check(keys(envelope)))
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "212 | 2 | 24.0 tenths | fail | 4.0 tenths over the limit",
                "235 | 1 | 2.8 µm | pass | 9.3 µm inside the limit",
                "252 | 1 | 12.0 µm | pass | 8.0 µm inside the limit, as decided by Wenna Sorrel",
                "252 | 3 | 10.5 µm | pass | 19.5 µm inside the limit",
                "bore | 2 | 72.0048 mm | pass | 0.0048 mm inside the lower limit, as decided by Wenna Sorrel",
                "journal | 1 | 12.9 µm | pass | 7.1 µm inside the limit",
                "carried | 2 | 72.0040 mm | pass | as signed, by rules 5"
            })
    void itsSheetSaysWhatWasSigned(String name, int requirement, String figure, String standing, String line)
            throws IOException {
        JsonNode envelope = golden(name);
        SignedDocument document = Json.read(stored(envelope).canonical());
        Sheet sheet =
                new Sheet(document, envelope.path("sha256").asText(), "", DocumentState.IN_ORDER, Optional.empty());
        SignedDocument.RequirementPart part = document.requirements().get(requirement - 1);
        SignedDocument.Figures figures = Objects.requireNonNull(part.result().figures());
        assertThat(figures.figure() + " " + figures.unit()).isEqualTo(figure);
        assertThat(sheet.standing(part).word()).isEqualTo(standing);
        assertThat(part.result().line()).isEqualTo(line);
        assertThat(sheet.attempts(part)).hasSameSizeAs(part.attempts());
        assertThat(sheet.facts(part)).isNotEmpty();
    }

    /** Of few sweeps the factor and its degrees of freedom are signed and printed; what was signed without them had k = 2. */
    @Test
    void aFactorOfFewSweepsIsSignedWithItsDegreesOfFreedom(Eskarn eskarn) throws Exception {
        String mara = "m.quill";
        Work work = Written.open(
                eskarn,
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.kind=MAXIMUM;"
                        + " limit.upper=0.060; gauge.repeats=2");
        work.prepare(mara).zero(mara).read(mara, "0 8 20 28 36 28 16 4 0");
        work.oneMore(mara).zero(mara).read(mara, "0 14 14 34 34 34 10 10 0").confirm(mara, Step.PROVE, Step.VERDICT);
        work.sign(mara, "two sweeps");
        SignedDocument document = signed(eskarn, work);
        SignedDocument.Figures figures =
                Objects.requireNonNull(document.requirements().get(0).result().figures());
        UncertaintyBudget budget = work.setUp().judgement().budget().orElseThrow();
        assertThat(budget.degreesOfFreedom()).isBetween(7.0, 40.0);
        assertThat(figures.degreesOfFreedom()).isEqualTo(String.valueOf((int) budget.degreesOfFreedom()));
        Sheet sheet = new Sheet(document, "", "", DocumentState.IN_ORDER, Optional.empty());
        assertThat(sheet.coverage(figures))
                .isEqualTo(
                        "k = " + figures.coverageFactor() + ", " + figures.degreesOfFreedom() + " degrees of freedom");
        SignedDocument before = Json.read(stored(golden("235")).canonical());
        assertThat(sheet.coverage(Objects.requireNonNull(
                        before.requirements().get(0).result().figures())))
                .isEqualTo("k = 2");
    }

    /** A part outside its limit by less than what counts upwards alone: the sheet says why it failed all the same. */
    @Test
    void howFarTheTrueFigureMayLieBelowIsSignedWhereItIsLess(Eskarn eskarn) throws Exception {
        String mara = "m.quill";
        Work work = Written.open(
                eskarn,
                "characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8; limit.kind=MAXIMUM;"
                        + " limit.upper=0.030");
        work.prepare(mara).zero(mara).read(mara, "0 6 24 28 34 28 16 4 0").confirm(mara, Step.PROVE, Step.VERDICT);
        work.sign(mara, "one sweep");
        SignedDocument document = signed(eskarn, work);
        SignedDocument.Figures figures =
                Objects.requireNonNull(document.requirements().get(0).result().figures());
        double below = Double.parseDouble(Objects.requireNonNull(figures.uncertaintyBelowMicrometres()));
        assertThat(below).isPositive().isLessThan(Double.parseDouble(figures.uncertaintyMicrometres()));
        Sheet sheet = new Sheet(document, "", "", DocumentState.IN_ORDER, Optional.empty());
        assertThat(sheet.figure(figures))
                .isEqualTo(figures.figure() + " +" + figures.uncertainty() + " / \u2212" + figures.uncertaintyBelow()
                        + " µm");
        SignedDocument before = Json.read(stored(golden("235")).canonical());
        assertThat(sheet.figure(Objects.requireNonNull(
                        before.requirements().get(0).result().figures())))
                .contains(" ± ");
    }

    private static SignedDocument signed(Eskarn eskarn, Work work) throws Exception {
        DocumentRow row =
                eskarn.bean(LedgerMapper.class).ofDocket(work.number()).orElseThrow();
        assertThat(SCHEMA.validate(MAPPER.readTree(row.canonical()))).isEmpty();
        return Json.read(row.canonical());
    }

    /** What another program reads is what the schema promises, of every docket that was ever signed in the demo. */
    @Test
    void everyDocumentKeepsToTheSchema(Eskarn eskarn) throws IOException {
        List<DocumentRow> rows = eskarn.bean(LedgerMapper.class).following(1, 1000);
        assertThat(rows).hasSizeGreaterThan(4);
        for (DocumentRow row : rows) {
            assertThat(SCHEMA.validate(MAPPER.readTree(row.canonical())))
                    .as("document " + row.number())
                    .isEmpty();
        }
    }

    @Test
    void theSchemaLetsNothingElseIn() throws IOException {
        com.fasterxml.jackson.databind.node.ObjectNode document =
                (com.fasterxml.jackson.databind.node.ObjectNode) golden("252").path("document");
        assertThat(SCHEMA.validate(document)).isEmpty();
        document.put("mood", "good");
        assertThat(SCHEMA.validate(document)).isNotEmpty();
        document.remove("mood");
        document.remove("signature");
        assertThat(SCHEMA.validate(document)).isNotEmpty();
    }
}
