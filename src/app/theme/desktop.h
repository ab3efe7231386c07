// What the desktop asks of every program, for those who see or bear less: more contrast, less movement.
#pragma once

#include <QDBusVariant>
#include <QObject>

namespace vitrail {

/// Asks the desktop's portal (org.freedesktop.portal.Settings) in the background and goes on listening to it.
/// Where there is none, nothing is wished.
class DesktopWishes : public QObject {
    Q_OBJECT
public:
    static DesktopWishes& instance();
    void ask();
    bool contrast() const { return contrast_; }
    bool calm() const { return calm_; }

Q_SIGNALS:
    void changed();

public Q_SLOTS:
    /// As the portal says it: a namespace, a key, and the value, perhaps in a variant of its own.
    void note(const QString& space, const QString& key, const QDBusVariant& value);

private:
    bool contrast_ = false, calm_ = false;
};

} // namespace vitrail
