package org.eskarn.app.docket;

import java.util.List;
import java.util.Set;
import org.eskarn.core.requirement.Characteristic;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which dockets in hand ask something. */
@Service
public class OpenRequirementService {

    /** The latest that are offered. */
    private static final int MOST = 6;

    private final DocketMapper mapper;

    OpenRequirementService(DocketMapper mapper) {
        this.mapper = mapper;
    }

    /** The latest that ask one of them; none for none. */
    @Transactional(readOnly = true)
    public List<OpenRequirement> asking(Set<Characteristic> characteristics) {
        return characteristics.isEmpty()
                ? List.of()
                : mapper.open(characteristics.stream().map(Enum::name).sorted().toList(), MOST);
    }
}
