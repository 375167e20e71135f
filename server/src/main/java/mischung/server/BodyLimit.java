package mischung.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import mischung.server.photo.Picture;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stops reading a body at its limit, whether or not the sender said how long it is. */
@Component
class BodyLimit extends OncePerRequestFilter {
    /** A head of seventeen zones with twenty bands each and its history is some 300 kB. */
    static final long MOST_BYTES = 2L * 1024 * 1024;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = request.getRequestURI().endsWith("/photos") ? Picture.MOST_BYTES : MOST_BYTES;
        chain.doFilter(
                new HttpServletRequestWrapper(request) {
                    @Override
                    public ServletInputStream getInputStream() throws IOException {
                        return new Counted(super.getInputStream(), most);
                    }
                },
                response);
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream inner;
        private final long most;
        private long read;

        Counted(ServletInputStream inner, long most) {
            this.inner = inner;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int one = inner.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int most) throws IOException {
            int some = inner.read(into, from, most);
            count(Math.max(0, some));
            return some;
        }

        private void count(int bytes) throws IOException {
            read += bytes;
            if (read > most) {
                throw new BodyTooLarge(most);
            }
        }

        @Override
        public boolean isFinished() {
            return inner.isFinished();
        }

        @Override
        public boolean isReady() {
            return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            inner.setReadListener(listener);
        }
    }
}
