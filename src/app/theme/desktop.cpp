#include "app/theme/desktop.h"

#include <QApplication>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>

namespace vitrail {

namespace {

constexpr const char* kService = "org.freedesktop.portal.Desktop";
constexpr const char* kPath = "/org/freedesktop/portal/desktop";
constexpr const char* kSettings = "org.freedesktop.portal.Settings";
/// The portal's own keys, and those of desktops from before it had them.
constexpr const char* kKeys[][2] = {{"org.freedesktop.appearance", "contrast"},
                                    {"org.freedesktop.appearance", "reduced-motion"},
                                    {"org.gnome.desktop.a11y.interface", "high-contrast"},
                                    {"org.gnome.desktop.interface", "enable-animations"}};

} // namespace

DesktopWishes& DesktopWishes::instance() {
    static DesktopWishes wishes;
    return wishes;
}

void DesktopWishes::ask() {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected())
        return;
    bus.connect(QString(), QLatin1String(kPath), QLatin1String(kSettings), QStringLiteral("SettingChanged"),
                this, SLOT(note(QString, QString, QDBusVariant)));
    for (const auto& [space, key] : kKeys) {
        QDBusMessage call = QDBusMessage::createMethodCall(QLatin1String(kService), QLatin1String(kPath),
                                                           QLatin1String(kSettings), QStringLiteral("Read"));
        call << QLatin1String(space) << QLatin1String(key);
        auto* answer = new QDBusPendingCallWatcher(bus.asyncCall(call), this);
        connect(answer, &QDBusPendingCallWatcher::finished, this,
                [this, space = QLatin1String(space), key = QLatin1String(key)](QDBusPendingCallWatcher* w) {
                    if (const QDBusPendingReply<QDBusVariant> reply = *w; !reply.isError())
                        note(space, key, reply.value());
                    w->deleteLater();
                });
    }
}

void DesktopWishes::note(const QString& space, const QString& key, const QDBusVariant& value) {
    QVariant v = value.variant();
    while (v.userType() == qMetaTypeId<QDBusVariant>())
        v = v.value<QDBusVariant>().variant();
    bool contrast = contrast_, calm = calm_;
    if (key == QLatin1String("contrast") && space == QLatin1String(kKeys[0][0]))
        contrast = v.toUInt() == 1;
    else if (key == QLatin1String("high-contrast"))
        contrast = v.toBool();
    else if (key == QLatin1String("reduced-motion"))
        calm = v.toUInt() == 1;
    else if (key == QLatin1String("enable-animations"))
        calm = !v.toBool();
    if (contrast == contrast_ && calm == calm_)
        return;
    contrast_ = contrast;
    calm_ = calm;
    for (const Qt::UIEffect effect : {Qt::UI_AnimateMenu, Qt::UI_FadeMenu, Qt::UI_AnimateCombo,
                                      Qt::UI_AnimateTooltip, Qt::UI_FadeTooltip})
        QApplication::setEffectEnabled(effect, !calm); // nothing of ours moves by itself
    Q_EMIT changed();
}

} // namespace vitrail

#include "moc_desktop.cpp"
