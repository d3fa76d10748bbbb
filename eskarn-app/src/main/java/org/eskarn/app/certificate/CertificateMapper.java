package org.eskarn.app.certificate;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface CertificateMapper {

    Optional<CertificateHead> ofDocket(long docketId);

    List<ClaimLine> claims(@Param("ids") Collection<Long> certificateIds);

    List<Scan> scans(long certificateId);

    ScanBytes bytes(long scanId);

    /** The newest certificates of a maker, those of one docket left out. */
    List<CertificateHead> ofMaker(
            @Param("maker") String maker, @Param("except") long exceptDocketId, @Param("most") int most);

    /** The newest that came with a piece of a drawing. */
    Optional<CertificateHead> lastOfDrawing(String drawingNumber);

    void insert(@Param("row") CertificateHead row, @Param("by") long by);

    int update(@Param("row") CertificateHead row);

    /** Raises the version, so that nobody who looked before writes over it. */
    int touch(@Param("id") long id, @Param("version") int version);

    void insertClaim(@Param("row") ClaimLine row);

    void updateClaim(@Param("row") ClaimLine row);

    void deleteClaim(long id);

    void insertScan(@Param("row") Scan row, @Param("bytes") byte[] bytes, @Param("by") long by);

    int deleteScan(@Param("id") long id, @Param("certificateId") long certificateId);
}
