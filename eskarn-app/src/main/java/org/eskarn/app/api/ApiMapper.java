package org.eskarn.app.api;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ApiMapper {

    Optional<ApiToken> find(String tokenHash);

    List<ApiToken> of(long accountId);

    void insert(ApiToken token);

    int revoke(@Param("id") long id, @Param("accountId") long accountId, @Param("at") Instant at);
}
