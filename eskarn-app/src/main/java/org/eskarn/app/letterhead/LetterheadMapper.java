package org.eskarn.app.letterhead;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface LetterheadMapper {

    Letterhead current();

    int write(
            @Param("version") int version,
            @Param("name") String name,
            @Param("address") String address,
            @Param("signatureLine") String signatureLine);

    int setLogo(
            @Param("version") int version, @Param("logo") byte @Nullable [] logo, @Param("type") @Nullable String type);
}
