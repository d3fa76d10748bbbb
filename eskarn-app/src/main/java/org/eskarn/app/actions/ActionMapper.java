package org.eskarn.app.actions;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ActionMapper {

    @Insert("insert into action (at, login, name, about, said) values (#{at}, #{login},"
            + " coalesce((select name from account where login = #{login}), #{name}), #{about}, #{said})")
    void insert(
            @Param("at") Instant at,
            @Param("login") String login,
            @Param("name") String name,
            @Param("about") ActionAbout about,
            @Param("said") String said);

    /** The newest first, from before an id on; what is looked for with ! before what would be a sign of the pattern. */
    List<Action> search(
            @Param("like") @Nullable String like,
            @Param("about") @Nullable ActionAbout about,
            @Param("before") long before,
            @Param("most") int most);
}
