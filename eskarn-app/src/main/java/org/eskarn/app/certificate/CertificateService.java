package org.eskarn.app.certificate;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Sha256;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.requirement.LimitKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the certificates of bought-in pieces; with its docket each is signed, and then stays as it is. */
@Service
public class CertificateService {

    private static final int MOST_ROWS = 60;
    private static final int MOST_SCANS = 12;
    private static final int MOST_OF_MAKER = 12;

    private final CertificateMapper mapper;
    private final DocketService dockets;
    private final Clock clock;

    CertificateService(CertificateMapper mapper, DocketService dockets, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Optional<Certificate> of(Docket docket) {
        return mapper.ofDocket(docket.id())
                .map(head -> new Certificate(head, mapper.claims(List.of(head.id())), mapper.scans(head.id())));
    }

    /** Other certificates of the same maker, each with its docket, the newest first. */
    @Transactional(readOnly = true)
    public List<Judged> history(Certificate certificate) {
        List<CertificateHead> heads =
                mapper.ofMaker(certificate.head().maker(), certificate.head().docketId(), MOST_OF_MAKER);
        if (heads.isEmpty()) {
            return List.of();
        }
        Map<Long, List<ClaimLine>> claims = mapper
                .claims(heads.stream().map(CertificateHead::id).toList())
                .stream()
                .collect(Collectors.groupingBy(ClaimLine::certificateId));
        Map<Long, Docket> byId = dockets
                .byIds(heads.stream().map(CertificateHead::docketId).toList())
                .stream()
                .collect(Collectors.toMap(Docket::id, docket -> docket));
        return heads.stream()
                .filter(head -> byId.containsKey(head.docketId()))
                .map(head -> Judged.of(
                        new Certificate(head, claims.getOrDefault(head.id(), List.of()), List.of()),
                        Objects.requireNonNull(byId.get(head.docketId()))))
                .toList();
    }

    /** The head that a new certificate begins with: of the last piece of the same drawing what stays the same. */
    @Transactional(readOnly = true)
    CertificateForm begin(Docket docket) {
        return mapper.lastOfDrawing(docket.part().drawingNumber())
                .map(CertificateForm::like)
                .orElseGet(CertificateForm::empty);
    }

    /**
     * Writes a certificate’s head. A new one of the same make has the rows of the last one, without their claims.
     *
     * @param version that was looked at; of a new one it is 0
     * @throws FormRefused if a field cannot be read, or somebody wrote it meanwhile
     */
    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public void write(int number, int version, CertificateForm form, long by) throws FormRefused, DocketConflict {
        Docket docket = dockets.hold(number);
        Optional<CertificateHead> there = mapper.ofDocket(docket.id());
        CertificateHead head = form.read(
                there.map(CertificateHead::id).orElse(0L),
                docket.id(),
                version,
                LocalDate.now(clock),
                clock.instant().truncatedTo(ChronoUnit.MICROS));
        if (there.isPresent()) {
            if (mapper.update(head) == 0) {
                throw changed();
            }
            return;
        }
        mapper.insert(head, by);
        long id = mapper.ofDocket(docket.id()).orElseThrow().id();
        mapper.ofMaker(head.maker(), docket.id(), MOST_OF_MAKER).stream()
                .filter(other -> other.model().equalsIgnoreCase(head.model()))
                .findFirst()
                .ifPresent(last -> copyRows(last, id, docket));
    }

    private void copyRows(CertificateHead last, long id, Docket docket) {
        List<PartRequirement> own = requirements(docket);
        List<PartRequirement> others = dockets.byIds(List.of(last.docketId())).stream()
                .flatMap(other -> requirements(other).stream())
                .toList();
        for (ClaimLine line : mapper.claims(List.of(last.id()))) {
            Long measured = others.stream()
                    .filter(each -> Long.valueOf(each.id()).equals(line.requirementId()))
                    .flatMap(each -> own.stream()
                            .filter(mine -> mine.id() == each.id()
                                    || (mine.title().equals(each.title())
                                            && mine.characteristic() == each.characteristic())))
                    .map(PartRequirement::id)
                    .findFirst()
                    .orElse(null);
            mapper.insertClaim(new ClaimLine(
                    0,
                    id,
                    line.position(),
                    line.what(),
                    line.place(),
                    line.distance(),
                    line.method(),
                    line.unit(),
                    line.allowed(),
                    "",
                    "",
                    measured,
                    null,
                    ""));
        }
    }

    /** The requirements that can measure a claim: those that come to a figure. */
    static List<PartRequirement> requirements(Docket docket) {
        return docket.setUps().stream()
                .map(SetUp::requirement)
                .filter(requirement -> requirement.limit().kind() != LimitKind.ANSWER)
                .toList();
    }

    /**
     * Writes a row.
     *
     * @param position of the row; 0 for a new one at the end
     * @return its position
     * @throws FormRefused if a field cannot be read, the certificate is full, or somebody wrote it meanwhile
     */
    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public int writeRow(int number, int version, int position, ClaimForm form) throws FormRefused, DocketConflict {
        Docket docket = dockets.hold(number);
        Certificate certificate = of(docket).orElseThrow(NotFound::new);
        List<ClaimLine> rows = certificate.claims();
        Optional<ClaimLine> there =
                rows.stream().filter(each -> each.position() == position).findFirst();
        if (position > 0 && there.isEmpty()) {
            throw changed();
        }
        if (there.isEmpty() && rows.size() >= MOST_ROWS) {
            throw new FormRefused("what", Words.say("certificate.at-most-rows", MOST_ROWS));
        }
        int last = rows.isEmpty() ? 0 : rows.get(rows.size() - 1).position();
        ClaimLine line = form.read(
                there.map(ClaimLine::id).orElse(0L),
                certificate.head().id(),
                position > 0 ? position : last + 1,
                rows,
                requirements(docket));
        touch(certificate, version);
        if (there.isPresent()) {
            mapper.updateClaim(line);
        } else {
            mapper.insertClaim(line);
        }
        return line.position();
    }

    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public void removeRow(int number, int version, int position) throws FormRefused, DocketConflict {
        Certificate certificate = of(dockets.hold(number)).orElseThrow(NotFound::new);
        touch(certificate, version);
        certificate.claims().stream()
                .filter(each -> each.position() == position)
                .forEach(each -> mapper.deleteClaim(each.id()));
    }

    /**
     * Writes the figures that a certificate of a known make claims, all of them or none.
     *
     * @param typed by row; empty where nothing is claimed
     * @throws FormRefused if one of them is no number, or somebody wrote it meanwhile
     */
    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public void writeClaims(int number, int version, Map<Integer, String> typed) throws FormRefused, DocketConflict {
        Docket docket = dockets.hold(number);
        Certificate certificate = of(docket).orElseThrow(NotFound::new);
        List<PartRequirement> requirements = requirements(docket);
        List<ClaimLine> lines = new ArrayList<>();
        Map<String, String> problems = new LinkedHashMap<>();
        for (ClaimLine line : certificate.claims()) {
            String said = typed.get(line.position());
            if (said == null || !line.claimed().isEmpty()) {
                continue;
            }
            try {
                ClaimForm form = ClaimForm.of(line, requirements).claiming(said);
                lines.add(form.read(
                        line.id(), line.certificateId(), line.position(), certificate.claims(), requirements));
            } catch (FormRefused e) {
                problems.put("claimed-" + line.position(), String.valueOf(e.getMessage()));
            }
        }
        if (!problems.isEmpty()) {
            throw new FormRefused(problems);
        }
        touch(certificate, version);
        lines.forEach(mapper::updateClaim);
    }

    private void touch(Certificate certificate, int version) throws FormRefused {
        if (mapper.touch(certificate.head().id(), version) == 0) {
            throw changed();
        }
    }

    private static FormRefused changed() {
        return new FormRefused("certificate", Words.say("certificate.somebody-changed-it"));
    }

    /**
     * Keeps a scanned page.
     *
     * @throws FormRefused if it is no picture or PDF, too large, or one too many
     */
    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public void addScan(int number, ScannedFile file, long by) throws FormRefused, DocketConflict {
        Certificate certificate = of(dockets.hold(number)).orElseThrow(NotFound::new);
        String type = file.type()
                .orElseThrow(() -> new FormRefused("scan", Words.say("certificate.choose-a-picture-or-a-pdf")));
        if (certificate.scans().size() >= MOST_SCANS) {
            throw new FormRefused("scan", Words.say("certificate.at-most-pages", MOST_SCANS));
        }
        mapper.insertScan(
                new Scan(
                        0,
                        certificate.head().id(),
                        file.shortName(),
                        type,
                        by,
                        "",
                        clock.instant().truncatedTo(ChronoUnit.MICROS)),
                file.bytes(),
                by);
    }

    @Transactional(rollbackFor = DocketConflict.class)
    public void removeScan(int number, long scan) throws DocketConflict {
        Certificate certificate = of(dockets.hold(number)).orElseThrow(NotFound::new);
        mapper.deleteScan(scan, certificate.head().id());
    }

    /** A scanned page with what is in it. */
    record Page(Scan scan, byte[] bytes) {}

    @Transactional(readOnly = true)
    Page page(Docket docket, long id) {
        Scan scan = of(docket).orElseThrow(NotFound::new).scans().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(NotFound::new);
        return new Page(scan, mapper.bytes(id).bytes());
    }

    /** SHA-256 of a scanned page, by which the signed docket names it; of what is kept, not of what was said when it came. */
    @Transactional(readOnly = true)
    public String hash(Scan scan) {
        return Sha256.of(mapper.bytes(scan.id()).bytes());
    }
}
