package org.eskarn.app.signin;

import java.time.Instant;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

@Mapper
interface KnownDeviceMapper {

    @Select("select count(*) from known_device d join account a on a.id = d.account_id"
            + " where d.token_hash = #{hash} and a.login = #{login} and d.seen_at > #{since}")
    int count(@Param("hash") String hash, @Param("login") String login, @Param("since") Instant since);

    @Delete(
            "delete from known_device where (token_hash = #{hash} and account_id = #{accountId}) or seen_at <= #{since}")
    void forget(@Param("hash") String hash, @Param("accountId") long accountId, @Param("since") Instant since);

    @Insert("insert into known_device (token_hash, account_id, seen_at) values (#{hash}, #{accountId}, #{at})")
    void insert(@Param("hash") String hash, @Param("accountId") long accountId, @Param("at") Instant at);

    @Delete("delete from known_device where account_id = #{accountId}")
    void forgetAll(long accountId);
}
