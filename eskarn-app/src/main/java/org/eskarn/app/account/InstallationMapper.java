package org.eskarn.app.account;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface InstallationMapper {

    @Select("select demo from installation where id = 1")
    Optional<Boolean> demo();

    @Insert("insert into installation (id, demo, made_at) values (1, #{demo}, #{madeAt})")
    void make(@Param("demo") boolean demo, @Param("madeAt") Instant madeAt);

    @Select("select idle_minutes from installation where id = 1")
    Optional<Integer> idleMinutes();

    @Update("update installation set idle_minutes = #{minutes} where id = 1")
    void setIdleMinutes(int minutes);
}
