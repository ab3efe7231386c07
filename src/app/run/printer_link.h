// A line to a printer, or to anything else that speaks in lines of text: over the network, or a serial port.
#pragma once

#include <QObject>

#include <memory>
#include <string>

class QIODevice;
class QProcess;
class QTemporaryFile;

namespace vitrail {

struct Machine;

class PrinterLink : public QObject {
    Q_OBJECT
public:
    explicit PrinterLink(QObject* parent = nullptr);
    ~PrinterLink() override;

    /// "host:port", or a device such as /dev/ttyUSB0 (115,200 baud, or what stands behind a comma).
    void open(const QString& address);
    /// Starts the simulated printer that comes with the program, and opens a line to it; it ends with the link.
    void open_simulated(const Machine& machine, const QStringList& moods);
    void close();
    bool is_open() const { return open_; }
    const QString& address() const { return address_; }
    void send(const std::string& bytes);

Q_SIGNALS:
    void opened();
    void came(const QByteArray& bytes);
    void closed(const QString& why); ///< not by close(); empty where the other side hung up

private:
    void end(const QString& why);

    std::unique_ptr<QIODevice> device_;
    std::unique_ptr<QProcess> simulated_;
    std::unique_ptr<QTemporaryFile> machine_;
    QString address_;
    bool open_ = false;
};

} // namespace vitrail
