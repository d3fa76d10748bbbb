package org.eskarn.app.part;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SheetMapper {

    List<SheetRow> sheets();

    List<SheetLine> lines();

    int touch(@Param("kind") WorkKind kind, @Param("version") int version);

    void deleteLines(WorkKind kind);

    void insertLine(SheetLine line);
}
