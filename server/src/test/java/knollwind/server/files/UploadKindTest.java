package knollwind.server.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What may be brought in, and how large. */
class UploadKindTest {
    @ParameterizedTest
    @EnumSource(UploadKind.class)
    void a_kind_is_known_by_its_address_and_counts_its_megabytes_in_full(UploadKind kind) {
        assertThat(UploadKind.at(kind.path())).contains(kind);
        assertThat(kind.most()).isEqualTo(kind.megabytes() * 1024L * 1024L);
    }

    @Test
    void a_file_of_just_the_largest_size_is_read_and_one_byte_more_is_refused_with_the_limit() throws IOException {
        int most = 20 * 1024 * 1024;
        assertThat(UploadKind.FONT.read(new ByteArrayInputStream(new byte[most])))
                .hasSize(most);
        assertThatThrownBy(() -> UploadKind.FONT.read(new ByteArrayInputStream(new byte[most + 1])))
                .hasMessageContaining("at most 20 MB");
    }

    @Test
    void other_addresses_take_no_files() {
        assertThat(UploadKind.at("/api/projects")).isEmpty();
    }
}
