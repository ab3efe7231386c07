#include "app/machine/machine_store.h"

#include "formats/files.h"
#include "formats/machine_file.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>

namespace vitrail {

QString machine_folder() {
    const QString own = qEnvironmentVariable("VITRAIL_MACHINES");
    return own.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
                               QStringLiteral("/machines")
                         : own;
}

std::vector<Machine> owned_machines() {
    std::vector<Machine> list;
    const QDir folder(machine_folder());
    for (const QString& name : folder.entryList({QStringLiteral("*.json")}, QDir::Files, QDir::Name))
        if (const auto bytes = read_file(folder.filePath(name).toStdString()))
            if (auto machine = read_machine(*bytes)) // a file that is none of ours is nobody's machine
                list.push_back(std::move(*machine));
    std::sort(list.begin(), list.end(), [](const Machine& a, const Machine& b) { return a.name < b.name; });
    return list;
}

Status keep_machine(const Machine& machine) {
    if (!QDir().mkpath(machine_folder()))
        return Error{say("The folder for machines, {}, cannot be made.", machine_folder().toStdString())};
    return write_file(QDir(machine_folder())
                          .filePath(QString::fromStdString(machine_id(machine.id)) + QStringLiteral(".json"))
                          .toStdString(),
                      write_machine(machine));
}

Status forget_machine(const std::string& id) {
    if (!QFile::remove(QDir(machine_folder())
                           .filePath(QString::fromStdString(machine_id(id)) + QStringLiteral(".json"))))
        return Error{say("The machine was not among yours.")};
    return Done{};
}

std::string machine_id(const std::string& name) {
    std::string id;
    for (const char c : name) {
        if ((c >= 'a' && c <= 'z') || (c >= '0' && c <= '9'))
            id += c;
        else if (c >= 'A' && c <= 'Z')
            id += static_cast<char>(c - 'A' + 'a');
        else if (!id.empty() && id.back() != '-')
            id += '-';
    }
    while (!id.empty() && id.back() == '-')
        id.pop_back();
    return id.empty() ? "machine" : id.substr(0, 60);
}

} // namespace vitrail
