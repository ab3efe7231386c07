#include "core/base/message.h"
#include "core/base/text.h"

#include "support.h"

#include <QStringDecoder>

using namespace vitrail;
using namespace vitrail::test;

class TestText : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void valid_text_stays();
    void latin_1_is_understood();
    void control_characters_go();
    void one_line_is_one_line();
    void anything_becomes_valid();
    void markup_is_text();
    void messages_in_english();
    void messages_in_another_language();
};

void TestText::valid_text_stays() {
    for (const char* s : {"", "plate", "Würfel", "日本語", "a\tb\nc", "\U0001F5FF", "“quoted” · ≥ 3 µm"})
        QCOMPARE(repaired(s), std::string(s));
}

void TestText::latin_1_is_understood() {
    QCOMPARE(repaired("W\xfcrfel"), std::string("Würfel"));
    QCOMPARE(repaired("\x93"
                      "Laterne\x94 5 \x80"),
             std::string("“Laterne” 5 €"));
}

void TestText::control_characters_go() {
    QCOMPARE(repaired(std::string("a\0b\x01"
                                  "c\x7f",
                                  6)),
             std::string("abc"));
    QCOMPARE(repaired("a\u0085b\uffffc"),
             std::string("abc")); // C1 control, and what XML 1.0 (section 2.2) refuses
    QCOMPARE(repaired("a\r\nb"), std::string("a\nb"));
}

void TestText::one_line_is_one_line() {
    QCOMPARE(one_line("  top\nplate\t2\u2028x "), std::string("top plate 2 x"));
    QCOMPARE(one_line("\n\n"), std::string());
}

void TestText::anything_becomes_valid() {
    std::mt19937 rng(5);
    for (int i = 0; i < 20000; ++i) {
        std::string s(rng() % 12, '\0');
        for (char& c : s)
            c = static_cast<char>(rng() % 4 ? rng()
                                            : 0xc0 + rng() % 0x40); // many beginnings of long characters
        const std::string r = repaired(s);
        // Qt's decoder as the judge.
        QStringDecoder decode(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
        const QString q = decode(QByteArray::fromStdString(r));
        QVERIFY(!decode.hasError());
        QCOMPARE(q.toStdString(), r);
        QCOMPARE(repaired(r), r);
    }
}

void TestText::markup_is_text() {
    QCOMPARE(html_escaped("<b>&\"'\x01"), std::string("&lt;b&gt;&amp;&quot;&#39;"));
}

void TestText::messages_in_english() {
    QCOMPARE(english(say("{} to {}", 3, mm(0.6))), std::string("3 to 0.60 mm"));
    QCOMPARE(english(say("{1} before {0}", 'A', Name{"B"})), std::string("“B” before A"));
    QCOMPARE(english(counted("{} change", "{} changes", 1)), std::string("1 change"));
    QCOMPARE(english(counted("{} change", "{} changes", 0)), std::string("0 changes"));
    QCOMPARE(english(counted("once, {1}", "{0} times, {1}", 2, num(1.25, 2, "g"))),
             std::string("2 times, 1.25 g"));
    QCOMPARE(english(say("{}", List{List::Kind::and_last, {'A', 'B', 'C'}})), std::string("A, B and C"));
    QCOMPARE(english(say("{}", List{List::Kind::then, {1, 2, 3}})), std::string("1, then 2, then 3"));
    QCOMPARE(english(sentences({say("One."), {}, say("Two {}.", Duration{3900})})),
             std::string("One. Two 1 h 05."));
    QCOMPARE(english(clauses({say("one"), say("two")})), std::string("one; two"));
    QVERIFY(sentences({}).empty() && clauses({Message{}}).empty() && Message{}.empty());
    // What somebody has written is no place for a value.
    QCOMPARE(english(say("{}", Name{"{0} {} %1"})), std::string("“{0} {} %1”"));
    // An inner message is put into words like an outer one.
    QCOMPARE(english(say("{} in {}", say("walls"), counted("{} layer", "{} layers", 2))),
             std::string("walls in 2 layers"));
}

void TestText::messages_in_another_language() {
    struct Other : Language {
        std::string sentence(const Message& m) const override {
            const std::string text = m.text;
            if (text == "{} of {}")
                return "{1}: {0}"; // another order
            if (text == "faulty {}")
                return "{0} {1} {2}";
            return text == "broken {}" ? "{" : m.many && m.count == 2 ? "a pair" : Language::sentence(m);
        }
        std::string number(const Number& n) const override { return "<" + Language::number(n) + ">"; }
    } other;
    QCOMPARE(in_words(say("{} of {}", mm(1), 7), other), std::string("7: <1.00> mm"));
    QCOMPARE(in_words(say("faulty {}", 1), other), std::string("faulty 1"));
    QCOMPARE(in_words(say("broken {}", 1), other), std::string("broken 1"));
    QCOMPARE(in_words(say("{}", counted("{} thing", "{} things", 2)), other), std::string("a pair"));
}

VITRAIL_TEST(TestText)
#include "test_text.moc"
