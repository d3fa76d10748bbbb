package org.eskarn.app.ledger;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface LedgerMapper {

    /** The end of the chain. */
    record HeadRow(int number, String hash) {}

    /** Locks the end of the chain until the transaction ends, and counts on by one. */
    int countOn();

    HeadRow head();

    void setHead(@Param("hash") String hash);

    void insert(DocumentRow row);

    /** Reads the whole table while others write: not for pages. */
    int count();

    Optional<DocumentRow> byNumber(int number);

    Optional<DocumentRow> ofDocket(int docketNumber);

    /** The number of the newest document; 0 before the first. */
    int reached();

    /** The newest first, none above a number. */
    List<DocumentRow> upTo(@Param("number") int number, @Param("most") int most);

    /** Puts it in the place of the last one. */
    void keepEntry(SignedEntry entry);

    List<SignedEntry> entries(@Param("from") int from, @Param("to") int to);

    /** The documents that a query asks for, the newest first. */
    List<Integer> found(
            @Param("query") LedgerQuery query,
            @Param("since") @Nullable Instant since,
            @Param("until") @Nullable Instant until,
            @Param("from") int from,
            @Param("most") int most);

    /** How many dockets a query asks for. */
    record Total(String outcome, int dockets) {}

    List<Total> totals(
            @Param("query") LedgerQuery query,
            @Param("since") @Nullable Instant since,
            @Param("until") @Nullable Instant until);

    /** How many documents can be found; reads the whole table. */
    int indexed();

    /** @param numbers never empty */
    List<DocumentRow> numbered(@Param("numbers") List<Integer> numbers);

    /** A docket and the signed one that took its place. */
    record Superseded(int docket, int successor) {}

    /** @param numbers of dockets; never empty */
    List<Superseded> superseded(@Param("numbers") List<Integer> numbers);

    /** Signed dockets of a part that no signed one supersedes, the newest first. */
    List<SignedPiece> signedPieces(@Param("partId") long partId, @Param("most") @Nullable Integer most);

    /** The newest signed docket in which a gauge was inspected. */
    @Nullable
    Integer inspectionOf(long gaugeId);

    List<SavedView> views(long accountId);

    void saveView(@Param("accountId") long accountId, @Param("name") String name, @Param("query") String query);

    int removeView(@Param("id") long id, @Param("accountId") long accountId);

    /** From a number on, in order. */
    List<DocumentRow> following(@Param("number") int number, @Param("most") int most);

    /** @param checkedAt when */
    record CheckRow(int number, String finding, Instant checkedAt) {}

    /** Puts it in the place of the last one. */
    void keepCheck(CheckRow row);

    List<CheckRow> checks(@Param("from") int from, @Param("to") int to);

    /** The first document in which something is wrong. */
    Optional<CheckRow> firstFinding();

    /** How many were checked, and when the newest of these checks was made. */
    record Checked(int documents, Instant newest) {}

    /** @param upTo the number of a document up to which all were checked */
    Optional<Checked> checked(int upTo);

    /** Signed dockets that have no document yet, in the order they were signed. */
    List<SignatureRow> withoutDocument();

    /** Numbers of dockets that are closed as signed and have no document. */
    List<Integer> closedWithoutDocument();

    /** A docket that was closed without a document, as far as the index of gauges tells. */
    Optional<Integer> closedBeside();

    List<SignedVerdictRow> verdictsOf(long signatureId);

    Optional<String> sealBefore(long signatureId);
}
