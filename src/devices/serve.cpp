#include "devices/serve.h"

#include <fmt/format.h>

#include <algorithm>
#include <atomic>
#include <cerrno>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <vector>

#include <arpa/inet.h>
#include <fcntl.h>
#include <netinet/tcp.h>
#include <poll.h>
#include <sys/socket.h>
#include <termios.h>
#include <unistd.h>

namespace vitrail {

namespace {

volatile std::sig_atomic_t stopped = 0;

int listen_at(int& port) {
    const int fd = ::socket(AF_INET, SOCK_STREAM | SOCK_NONBLOCK | SOCK_CLOEXEC, 0);
    if (fd < 0)
        return -1;
    const int yes = 1;
    ::setsockopt(fd, SOL_SOCKET, SO_REUSEADDR, &yes, sizeof yes);
    sockaddr_in address{};
    address.sin_family = AF_INET;
    address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    address.sin_port = htons(static_cast<std::uint16_t>(port));
    socklen_t size = sizeof address;
    if (::bind(fd, reinterpret_cast<sockaddr*>(&address), size) < 0 || ::listen(fd, 4) < 0 ||
        ::getsockname(fd, reinterpret_cast<sockaddr*>(&address), &size) < 0) {
        ::close(fd);
        return -1;
    }
    port = ntohs(address.sin_port);
    return fd;
}

/// The master of a pseudo-terminal that passes bytes as they are; −1: there is none.
int open_terminal(std::string& name) {
    const int fd = ::posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK | O_CLOEXEC);
    if (fd < 0 || ::grantpt(fd) < 0 || ::unlockpt(fd) < 0 || !::ptsname(fd))
        return -1;
    name = ::ptsname(fd);
    const int other =
        ::open(name.c_str(), O_RDWR | O_NOCTTY | O_CLOEXEC); // kept open, so that nobody leaving ends it
    if (other >= 0) {
        termios t{};
        ::tcgetattr(other, &t);
        ::cfmakeraw(&t);
        ::tcsetattr(other, TCSANOW, &t);
    }
    return fd;
}

struct Line {
    int fd = -1;
    std::string out; ///< not yet taken
    void send() {
        while (!out.empty()) {
            const ssize_t n = ::write(fd, out.data(), out.size());
            if (n <= 0)
                break;
            out.erase(0, static_cast<std::size_t>(n));
        }
        if (out.size() > 1 << 20)
            out.clear(); // nobody reads
    }
};

} // namespace

int serve(const Serving& serving, const Device& device) {
    std::signal(SIGPIPE, SIG_IGN);
    std::signal(SIGTERM, [](int) { stopped = 1; });
    std::signal(SIGINT, [](int) { stopped = 1; });
    int port = serving.port;
    const int listener = listen_at(port);
    if (listener < 0) {
        fmt::print(stderr, "error: port {}: {}\n", serving.port, std::strerror(errno));
        return 1;
    }
    std::string terminal_name;
    Line terminal{serving.terminal ? open_terminal(terminal_name) : -1, {}}, client;
    fmt::print("{}: port {}{}\n", device.name, port, terminal.fd >= 0 ? ", terminal " + terminal_name : "");
    std::fflush(stdout);

    using Clock = std::chrono::steady_clock;
    Clock::time_point last = Clock::now();
    Line* speaks_to = terminal.fd >= 0 ? &terminal : &client;
    const auto say = [&](const std::string& text) {
        if (speaks_to->fd >= 0) {
            speaks_to->out += text;
            speaks_to->send();
        }
    };
    const auto hang_up = [&] {
        ::close(client.fd);
        client = {};
        stopped = serving.once;
        speaks_to = terminal.fd >= 0 ? &terminal : &client;
    };
    std::vector<char> buffer(1 << 16);
    const auto listen_to = [&](Line& line, bool may_end) {
        const ssize_t n = ::read(line.fd, buffer.data(), buffer.size());
        if (n > 0) {
            speaks_to = &line;
            say(device.take({buffer.data(), static_cast<std::size_t>(n)}));
        } else if (may_end && (n == 0 || (errno != EAGAIN && errno != EINTR))) {
            hang_up();
        }
    };
    while (!stopped) {
        const double speed = std::max(1e-6, device.speed() > 0 ? device.speed() : serving.speed),
                     next = device.next_s();
        int wait_ms = next >= 0           ? static_cast<int>(std::min(1000.0, next / speed * 1000))
                      : device.idle() > 0 ? 20
                                          : 1000;
        if (next >= 0 && next / speed < 1e-3)
            wait_ms = 0;
        pollfd fds[3] = {{listener, POLLIN, 0},
                         {client.fd, short(POLLIN | (client.out.empty() ? 0 : POLLOUT)), 0},
                         {terminal.fd, short(POLLIN | (terminal.out.empty() ? 0 : POLLOUT)), 0}};
        ::poll(fds, 3, wait_ms);
        // Time first: no further than what happens next, so that a slow host changes nothing.
        const Clock::time_point now = Clock::now();
        const double passed = std::chrono::duration<double>(now - last).count(), until = device.next_s();
        last = now;
        say(device.pass(until >= 0 ? std::min(passed * speed, until) : passed * device.idle()));
        if (fds[0].revents & POLLIN) {
            if (const int fd = ::accept4(listener, nullptr, nullptr, SOCK_NONBLOCK | SOCK_CLOEXEC); fd >= 0) {
                const int yes = 1;
                ::setsockopt(fd, IPPROTO_TCP, TCP_NODELAY, &yes, sizeof yes);
                if (client.fd >= 0)
                    ::close(client.fd);
                client = {fd, {}};
                speaks_to = &client;
                continue; // fds are of before
            }
        }
        if (client.fd >= 0 && fds[1].revents)
            listen_to(client, true);
        if (client.fd >= 0)
            client.send();
        if (terminal.fd >= 0 && (fds[2].revents & POLLIN))
            listen_to(terminal, false);
        if (terminal.fd >= 0)
            terminal.send();
    }
    return 0;
}

} // namespace vitrail
