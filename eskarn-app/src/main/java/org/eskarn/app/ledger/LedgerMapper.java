package org.eskarn.app.ledger;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface LedgerMapper {

    List<SignatureRow> signatures();

    List<SignedVerdictRow> verdicts();

    Optional<SignatureRow> signatureOf(int number);

    List<SignedVerdictRow> verdictsOf(long signatureId);

    /** The seal of the signature before this one. */
    Optional<String> sealBefore(long signatureId);

    Optional<String> lastSeal();

    void insertSignature(@Param("row") SignatureRow row, @Param("signedBy") long signedBy);

    long idOfSignature(long docketId);

    void insertVerdict(SignedVerdictRow row);
}
