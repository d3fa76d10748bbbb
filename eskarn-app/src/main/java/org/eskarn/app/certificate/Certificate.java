package org.eskarn.app.certificate;

import java.util.List;

/** The certificate that came with a piece. */
public record Certificate(CertificateHead head, List<ClaimLine> claims, List<Scan> scans) {}
