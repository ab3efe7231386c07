#include "paint/shipped.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace vitrail {

QString shipped_folder(const QString& name, const QString& in_source) {
    const QString here = QCoreApplication::applicationDirPath();
    for (const QString& place :
         {QStringLiteral("/../share/vitrail/") + name, QStringLiteral("/../../") + in_source})
        if (const QFileInfo folder(here + place); folder.isDir())
            return folder.canonicalFilePath();
    return {};
}

} // namespace vitrail
