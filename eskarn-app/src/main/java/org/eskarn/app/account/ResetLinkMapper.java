package org.eskarn.app.account;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ResetLinkMapper {

    @Select(
            "select token_hash, account_id, given_by, given_at, until_at, used_at from reset_link where token_hash = #{hash}")
    Optional<ResetLink> find(String hash);

    @Insert("insert into reset_link (token_hash, account_id, given_by, given_at, until_at)"
            + " values (#{tokenHash}, #{accountId}, #{givenBy}, #{givenAt}, #{untilAt})")
    void insert(ResetLink link);

    /** @return 0 where it was used meanwhile */
    @Update("update reset_link set used_at = #{at} where token_hash = #{hash} and used_at is null")
    int use(@Param("hash") String hash, @Param("at") Instant at);

    /** Links that were not used; those that were tell whoever opens them again when that was. */
    @Delete("delete from reset_link where account_id = #{accountId} and used_at is null")
    void withdraw(long accountId);
}
