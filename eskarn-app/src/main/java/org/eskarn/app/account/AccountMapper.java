package org.eskarn.app.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.eskarn.app.page.Units;

@Mapper
interface AccountMapper {

    Optional<Account> byLogin(String login);

    List<Account> all();

    int count();

    void insert(
            @Param("login") String login,
            @Param("name") String name,
            @Param("role") Role role,
            @Param("passwordHash") String passwordHash,
            @Param("createdAt") Instant createdAt);

    int setActive(@Param("id") long id, @Param("version") int version, @Param("active") boolean active);

    Optional<Units> units(long id);

    void setUnits(@Param("id") long id, @Param("units") Units units);
}
