// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/facts.h"

#include "core/base/cases.h"
#include "core/base/number_text.h"
#include "text/tr.h"

#include <QCoreApplication>
#include <cmath>
#include <variant>

namespace dowel::text {

namespace {

/// A new word without its sentence does not compile.
const char* sentenceOf(FactId id)
{
    switch (id) {
    case FactId::None: return "";
    case FactId::Said: return "%1";
    case FactId::Above: return QT_TRANSLATE_NOOP("Facts", "%1; must be above %2");
    case FactId::AboveAtMost: return QT_TRANSLATE_NOOP("Facts", "%1; must be above %2 and at most %3");
    case FactId::AboveBelow: return QT_TRANSLATE_NOOP("Facts", "%1; must be above %2 and below %3");
    case FactId::After: return QT_TRANSLATE_NOOP("Facts", "%1 after %2");
    case FactId::AtLeast: return QT_TRANSLATE_NOOP("Facts", "%1; must be at least %2");
    case FactId::AtMost: return QT_TRANSLATE_NOOP("Facts", "%1; at most %2");
    case FactId::BytesTooMany: return QT_TRANSLATE_NOOP("Facts", "%1 bytes are more than a workbook takes (%2)");
    case FactId::CanHave: return QT_TRANSLATE_NOOP("Facts", "%1; this instrument can have: %2");
    case FactId::ChannelsAtMost: return QT_TRANSLATE_NOOP("Facts", "%1 channels; at most %2");
    case FactId::DegreesOverTube: return QT_TRANSLATE_NOOP("Facts", "%1; at most %2 degrees over the tube");
    case FactId::HolesGoneThrough: return QT_TRANSLATE_NOOP("Facts", "%1; at most %2 can be gone through");
    case FactId::Known: return QT_TRANSLATE_NOOP("Facts", "%1; known: %2");
    case FactId::LettersWithin: return QT_TRANSLATE_NOOP("Facts", "%1 letters; must be %2 to %3");
    case FactId::MustBeWithin: return QT_TRANSLATE_NOOP("Facts", "must be %1 to %2");
    case FactId::NotFinite: return QT_TRANSLATE_NOOP("Facts", "not a finite size");
    case FactId::OneAFingering: return QT_TRANSLATE_NOOP("Facts", "must be %1 to %2, one a fingering");
    case FactId::OneOf: return QT_TRANSLATE_NOOP("Facts", "%1; must be %2 or %3");
    case FactId::ReadingsAtMost: return QT_TRANSLATE_NOOP("Facts", "%1 readings; at most %2 in one session");
    case FactId::SampleRate: return QT_TRANSLATE_NOOP("Facts", "%1 samples a second; must be %2 to %3");
    case FactId::WholeWithin: return QT_TRANSLATE_NOOP("Facts", "%1; must be a whole number from %2 to %3");
    case FactId::Within: return QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3");
    case FactId::WithinDeviations: return QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 standard deviations");
    case FactId::WithinRoom: return QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 (68 Fahrenheit are 20 Celsius)");
    case FactId::BelowChimney: return QT_TRANSLATE_NOOP("Facts", "%1; must be above 0 and below the chimney's %2");
    case FactId::BitsRise: return QT_TRANSLATE_NOOP("Facts", "%1; bits must rise");
    case FactId::BoreIs: return QT_TRANSLATE_NOOP("Facts", "%1; the bore is %2");
    case FactId::BoreThere: return QT_TRANSLATE_NOOP("Facts", "%1; the bore there is %2 wide");
    case FactId::EmptyName: return QT_TRANSLATE_NOOP("Facts", "empty name");
    case FactId::FirstStation: return QT_TRANSLATE_NOOP("Facts", "%1; the first station is at 0");
    case FactId::FootClosed: return QT_TRANSLATE_NOOP("Facts", "this foot is closed");
    case FactId::FromTheFoot: return QT_TRANSLATE_NOOP("Facts", "%1 below %2 at %3; holes are numbered from the foot upwards");
    case FactId::LongIs: return QT_TRANSLATE_NOOP("Facts", "%1; the tube is %2 long");
    case FactId::NotLessThanHole: return QT_TRANSLATE_NOOP("Facts", "%1; not less than the hole's %2");
    case FactId::OnlyADuct: return QT_TRANSLATE_NOOP("Facts", "only a duct has one");
    case FactId::OutsideHorn: return QT_TRANSLATE_NOOP("Facts", "%1; outside the horn is %2");
    case FactId::OverTheEnd: return QT_TRANSLATE_NOOP("Facts", "%1; its edge runs over the end of the tube");
    case FactId::QuarterRound: return QT_TRANSLATE_NOOP("Facts", "%1; must be within a quarter of the way round the tube");
    case FactId::RunsInto: return QT_TRANSLATE_NOOP("Facts", "runs into %1");
    case FactId::RunsThrough: return QT_TRANSLATE_NOOP("Facts", "%1; runs through %2");
    case FactId::SlidesFromTop: return QT_TRANSLATE_NOOP("Facts", "%1; slides stand from the top downwards");
    case FactId::StationsAtLeast: return QT_TRANSLATE_NOOP("Facts", "%1 stations; at least %2");
    case FactId::StationsRise: return QT_TRANSLATE_NOOP("Facts", "%1 after %2; stations must rise");
    case FactId::TimesDiameter: return QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 times the diameter");
    case FactId::TimesHole: return QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 times the hole's %4");
    case FactId::TubeIs: return QT_TRANSLATE_NOOP("Facts", "%1; the tube is %2");
    case FactId::TubeRuns: return QT_TRANSLATE_NOOP("Facts", "%1; the tube runs from 0 to %2");
    case FactId::TwoHoles: return QT_TRANSLATE_NOOP("Facts", "two holes of this name");
    case FactId::UnderHighestHole: return QT_TRANSLATE_NOOP("Facts", "%1; must be above the highest hole, %2");
    case FactId::WallIs: return QT_TRANSLATE_NOOP("Facts", "%1; the wall is %2");
    case FactId::CentsHere:
        return QT_TRANSLATE_NOOP("Facts", "\"%1\"; cents with a point or a ratio such as 3/2 must stand here");
    case FactId::ClosedAndHalf: return QT_TRANSLATE_NOOP("Facts", "%1 cannot be closed and half open");
    case FactId::DegreesEnd: return QT_TRANSLATE_NOOP("Facts", "the text ends after %1 of %2 degrees");
    case FactId::DegreesHere: return QT_TRANSLATE_NOOP("Facts", "\"%1\"; the number of degrees must stand here, 1 to 1000");
    case FactId::FingeredAlike: return QT_TRANSLATE_NOOP("Facts", "is fingered as %1 is, in the same register");
    case FactId::FingeredOtherwise: return QT_TRANSLATE_NOOP("Facts", "is fingered otherwise than %1");
    case FactId::LastDegree: return QT_TRANSLATE_NOOP("Facts", "the last degree is the period and must lie above the tonic");
    case FactId::LetterOfTonic: return QT_TRANSLATE_NOOP("Facts", "%1; a letter with # or b");
    case FactId::LowerFirst: return QT_TRANSLATE_NOOP("Facts", "lies above %1; the lower note comes first");
    case FactId::MustBePitch: return QT_TRANSLATE_NOOP("Facts", "%1; must be a pitch name such as D5, F#4 or Bb3");
    case FactId::NoFingerings:
        return QT_TRANSLATE_NOOP("Facts", "none are wanted yet; a chart with one note at least says how it is played");
    case FactId::NoHoleHere: return QT_TRANSLATE_NOOP("Facts", "%1 is no hole of this instrument");
    case FactId::NoSuchFingering: return QT_TRANSLATE_NOOP("Facts", "no such fingering");
    case FactId::NoSuchMode: return QT_TRANSLATE_NOOP("Facts", "no such mode");
    case FactId::NoSuchScale: return QT_TRANSLATE_NOOP("Facts", "no such scale");
    case FactId::OneTarget: return QT_TRANSLATE_NOOP("Facts", "exactly one of target and target_hz must be there");
    case FactId::Register: return QT_TRANSLATE_NOOP("Facts", "register %1");
    case FactId::StandsTwice: return QT_TRANSLATE_NOOP("Facts", "%1 stands there twice");
    case FactId::SuchAsPitchEntry:
        return QT_TRANSLATE_NOOP("Facts", "hertz such as 586.3, cents such as -12, or a note such as D5 -12");
    case FactId::SuchAsPitchName: return QT_TRANSLATE_NOOP("Facts", "a pitch name such as D5, F#4 or Bb3");
    case FactId::SuchAsTonic: return QT_TRANSLATE_NOOP("Facts", "a tonic such as C, F# or Bb");
    case FactId::TwelveNumbers: return QT_TRANSLATE_NOOP("Facts", "twelve numbers rising from 0 to below 1200 must stand here");
    case FactId::TwoFingerings: return QT_TRANSLATE_NOOP("Facts", "two fingerings of this name");
    case FactId::AnotherInstrument: return QT_TRANSLATE_NOOP("Facts", "another way to sound is another instrument");
    case FactId::BeyondTheEnd: return QT_TRANSLATE_NOOP("Facts", "lies beyond the tube's end; its length is length_mm");
    case FactId::BoreWideAlready: return QT_TRANSLATE_NOOP("Facts", "the bore is at least as wide there already");
    case FactId::CutSince: return QT_TRANSLATE_NOOP("Facts", "a cut has changed it since; what it is now is another cut");
    case FactId::FootOpen: return QT_TRANSLATE_NOOP("Facts", "%1; this tube is open at the foot");
    case FactId::HasNoEmbouchure: return QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no embouchure hole");
    case FactId::HasNone: return QT_TRANSLATE_NOOP("Facts", "%1; this instrument has none");
    case FactId::HasNoStopper: return QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no stopper");
    case FactId::HasNoWindow: return QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no window");
    case FactId::IsNow: return QT_TRANSLATE_NOOP("Facts", "%1; it is %2 now");
    case FactId::MustBeHoleName: return QT_TRANSLATE_NOOP("Facts", "must be a hole's name");
    case FactId::NothingMeasured: return QT_TRANSLATE_NOOP("Facts", "nothing was measured");
    case FactId::NothingOfThatKind: return QT_TRANSLATE_NOOP("Facts", "this instrument has nothing of that kind");
    case FactId::ReamedSince: return QT_TRANSLATE_NOOP("Facts", "the bore was reamed since; what it is now is another cut");
    case FactId::ReamsBeyond: return QT_TRANSLATE_NOOP("Facts", "from %1 to %2; the tube runs from 0 to %3");
    case FactId::AllMillimetres: return QT_TRANSLATE_NOOP("Facts", "%1 would sound about %2; are all lengths in millimetres?");
    case FactId::EstimateOtherSize: return QT_TRANSLATE_NOOP("Facts", "an estimate of another size, or not finite");
    case FactId::FingeringNames: return QT_TRANSLATE_NOOP("Facts", "%1; a fingering names h%2");
    case FactId::FirstRegisterNeeded:
        return QT_TRANSLATE_NOOP("Facts", "at least one fingering of register 1 is needed to lay out holes");
    case FactId::HandSpans: return QT_TRANSLATE_NOOP("Facts", "a hand would span %1, it reaches %2");
    case FactId::HasHoles: return QT_TRANSLATE_NOOP("Facts", "has holes already; a blank has none");
    case FactId::HolesOfFingerings: return QT_TRANSLATE_NOOP("Facts", "%1 holes; the plan's fingerings have %2");
    case FactId::HolesStandThere: return QT_TRANSLATE_NOOP("Facts", "%1; %2 holes stand there");
    case FactId::NoBits: return QT_TRANSLATE_NOOP("Facts", "no bits_mm stand under tools");
    case FactId::NoCovariance: return QT_TRANSLATE_NOOP("Facts", "a covariance that is none");
    case FactId::NoFirstRegister: return QT_TRANSLATE_NOOP("Facts", "the bare tube has no first register");
    case FactId::NoHolesYet: return QT_TRANSLATE_NOOP("Facts", "there are none yet; log the drilled holes first");
    case FactId::NoLowestNote: return QT_TRANSLATE_NOOP("Facts", "has no lowest note");
    case FactId::NoneClosesAll: return QT_TRANSLATE_NOOP("Facts", "none closes every hole");
    case FactId::NoRow: return QT_TRANSLATE_NOOP("Facts", "no row of holes could be worked out from there");
    case FactId::NothingToCarry: return QT_TRANSLATE_NOOP("Facts", "has no holes and fingerings to carry over");
    case FactId::PlanHasNone: return QT_TRANSLATE_NOOP("Facts", "stand already; a plan has none");
    case FactId::ReachesTo: return QT_TRANSLATE_NOOP("Facts", "%1 to %2 would be %3 for fingers that reach %4");
    case FactId::SlideNeeds: return QT_TRANSLATE_NOOP("Facts", "needs a closed foot, no holes and one fingering");
    case FactId::TooShortFor: return QT_TRANSLATE_NOOP("Facts", "%1; too short for %2 by about %3");
    case FactId::WiderThan: return QT_TRANSLATE_NOOP("Facts", "%1 is wider than %2");
    case FactId::WoodBetween: return QT_TRANSLATE_NOOP("Facts", "%1 and %2 would leave %3 of wood");
    case FactId::CutOff: return QT_TRANSLATE_NOOP("Facts", "the file is cut off: it promises more sound than it holds");
    case FactId::CutOffAt: return QT_TRANSLATE_NOOP("Facts", "%1 of %2 samples; the file is cut off");
    case FactId::DamagedSound: return QT_TRANSLATE_NOOP("Facts", "is damaged, or asks for more memory and time than sound needs");
    case FactId::EmptyFile: return QT_TRANSLATE_NOOP("Facts", "the file is empty");
    case FactId::HeardExpected: return QT_TRANSLATE_NOOP("Facts", "%1 (%2), expected about %3 (%4)");
    case FactId::LongerThanMinutes: return QT_TRANSLATE_NOOP("Facts", "longer than %1 minutes; cut it into takes");
    case FactId::NoFlac: return QT_TRANSLATE_NOOP("Facts", "is no FLAC");
    case FactId::NoNoteAroundCut: return QT_TRANSLATE_NOOP("Facts", "no note was recorded before and after the last cut");
    case FactId::NoNoteOnTwo: return QT_TRANSLATE_NOOP("Facts", "no note was heard on two of them before the first cut");
    case FactId::NoProcess: return QT_TRANSLATE_NOOP("Facts", "no process could be started to decode it");
    case FactId::NoSamples: return QT_TRANSLATE_NOOP("Facts", "holds no samples");
    case FactId::NoSoundFile:
        return QT_TRANSLATE_NOOP("Facts", "is no sound file that Dowel reads; WAV, FLAC, AIFF, AU and Ogg are");
    case FactId::NoSteadyTone: return QT_TRANSLATE_NOOP("Facts", "no steady tone");
    case FactId::NothingHeard: return QT_TRANSLATE_NOOP("Facts", "nothing was heard on it yet");
    case FactId::NotNumbers: return QT_TRANSLATE_NOOP("Facts", "samples that are not numbers");
    case FactId::Silence: return QT_TRANSLATE_NOOP("Facts", "silence");
    case FactId::TakeTooLong: return QT_TRANSLATE_NOOP("Facts", "longer than a workbook takes; cut it into takes");
    case FactId::TooShort: return QT_TRANSLATE_NOOP("Facts", "too short");
    case FactId::TwoSideBySide: return QT_TRANSLATE_NOOP("Facts", "two at least are laid side by side");
    case FactId::Checksum: return QT_TRANSLATE_NOOP("Facts", "its checksum does not fit");
    case FactId::EntriesMissing: return QT_TRANSLATE_NOOP("Facts", "entries are missing that once stood there");
    case FactId::EntryNumber: return QT_TRANSLATE_NOOP("Facts", "entry %1");
    case FactId::EntryOf: return QT_TRANSLATE_NOOP("Facts", "the entry of %1");
    case FactId::NoKindOfEntry: return QT_TRANSLATE_NOOP("Facts", "is no kind of entry");
    case FactId::NoPicture: return QT_TRANSLATE_NOOP("Facts", "it has no picture");
    case FactId::NotBoth: return QT_TRANSLATE_NOOP("Facts", "one note or an instrument, not both");
    case FactId::NothingChanged: return QT_TRANSLATE_NOOP("Facts", "nothing is changed");
    case FactId::NumberBeyond: return QT_TRANSLATE_NOOP("Facts", "its number is none that a record reaches");
    case FactId::NumberNotKept: return QT_TRANSLATE_NOOP("Facts", "a number in it cannot be kept as it is");
    case FactId::NumberTwice: return QT_TRANSLATE_NOOP("Facts", "%1 comes twice or out of order");
    case FactId::PhotographUnreadable: return QT_TRANSLATE_NOOP("Facts", "its photograph cannot be read");
    case FactId::SameWood: return QT_TRANSLATE_NOOP("Facts", "is the same piece of wood as %1");
    case FactId::TakeChecksum: return QT_TRANSLATE_NOOP("Facts", "its recording's checksum does not fit");
    case FactId::TakesForReadings: return QT_TRANSLATE_NOOP("Facts", "%1 of them for %2 readings");
    case FactId::TwiceOrOutOfOrder: return QT_TRANSLATE_NOOP("Facts", "comes twice or out of order");
    case FactId::BeginsOtherwise: return QT_TRANSLATE_NOOP("Facts", "does not begin as a workbook does");
    case FactId::CannotBeOpened: return QT_TRANSLATE_NOOP("Facts", "cannot be opened");
    case FactId::Device: return QT_TRANSLATE_NOOP("Facts", "is a device");
    case FactId::FileGone:
        return QT_TRANSLATE_NOOP("Facts", "the file that was opened is no longer there; it was moved, replaced or taken away");
    case FactId::Folder: return QT_TRANSLATE_NOOP("Facts", "is a folder");
    case FactId::ItIsDevice: return QT_TRANSLATE_NOOP("Facts", "it is a device");
    case FactId::ItIsFolder: return QT_TRANSLATE_NOOP("Facts", "it is a folder");
    case FactId::ItIsLink: return QT_TRANSLATE_NOOP("Facts", "it is a link");
    case FactId::ItIsNoPlainFile: return QT_TRANSLATE_NOOP("Facts", "it is no plain file");
    case FactId::ItIsPipe: return QT_TRANSLATE_NOOP("Facts", "it is a pipe");
    case FactId::ItIsSocket: return QT_TRANSLATE_NOOP("Facts", "it is a socket");
    case FactId::JournalName: return QT_TRANSLATE_NOOP("Facts", "is a name that a workbook's own journal has");
    case FactId::LeftInWrite: return QT_TRANSLATE_NOOP("Facts", "it was left in the middle of a write that could not be undone");
    case FactId::LeftInWriteCopy:
        return QT_TRANSLATE_NOOP(
            "Facts", "it was left in the middle of a write; copy it with %1 to a folder that may be written, and open it there");
    case FactId::Link: return QT_TRANSLATE_NOOP("Facts", "is a link");
    case FactId::LongerThanMB: return QT_TRANSLATE_NOOP("Facts", "it is longer than %1 MB");
    case FactId::LookingOnly: return QT_TRANSLATE_NOOP("Facts", "it was opened for looking only");
    case FactId::MayNotBeOpened: return QT_TRANSLATE_NOOP("Facts", "the file or its folder may not be opened");
    case FactId::MayNotBeRead: return QT_TRANSLATE_NOOP("Facts", "it may not be read");
    case FactId::MayOnlyBeRead: return QT_TRANSLATE_NOOP("Facts", "it may only be read");
    case FactId::NoPictureToKeep: return QT_TRANSLATE_NOOP("Facts", "is no picture that can be kept");
    case FactId::NoPictureToRead: return QT_TRANSLATE_NOOP("Facts", "is no picture that can be read");
    case FactId::NoPlainFile: return QT_TRANSLATE_NOOP("Facts", "is no plain file");
    case FactId::NoShopMemory:
        return QT_TRANSLATE_NOOP("Facts", "no shop memory is there; advise makes one with the first instrument");
    case FactId::NoSpecification: return QT_TRANSLATE_NOOP("Facts", "holds no specification");
    case FactId::NoSuchFile: return QT_TRANSLATE_NOOP("Facts", "no such file is there");
    case FactId::NotPutTogether: return QT_TRANSLATE_NOOP("Facts", "the new workbook could not be put together");
    case FactId::OldJournal:
        return QT_TRANSLATE_NOOP("Facts", "belongs to a workbook that once lay here, and would be played into the new one");
    case FactId::OnlyRead: return QT_TRANSLATE_NOOP("Facts", "may only be read");
    case FactId::OpenElsewhere: return QT_TRANSLATE_NOOP("Facts", "is open in another window or command");
    case FactId::OtherDatabase: return QT_TRANSLATE_NOOP("Facts", "is a database of another program");
    case FactId::PageNotDrawn: return QT_TRANSLATE_NOOP("Facts", "the page cannot be drawn");
    case FactId::Pipe: return QT_TRANSLATE_NOOP("Facts", "is a pipe");
    case FactId::ShopMemoryVersion: return QT_TRANSLATE_NOOP("Facts", "shop memory of version %1");
    case FactId::Socket: return QT_TRANSLATE_NOOP("Facts", "is a socket");
    case FactId::SomethingTooLong: return QT_TRANSLATE_NOOP("Facts", "holds something longer than a workbook can");
    case FactId::TableNotOurs: return QT_TRANSLATE_NOOP("Facts", "its table is not as Dowel makes it");
    case FactId::TablesNotOurs: return QT_TRANSLATE_NOOP("Facts", "its tables and guards are not as Dowel makes them");
    case FactId::ThereAlready: return QT_TRANSLATE_NOOP("Facts", "is there already");
    case FactId::VersionKnown: return QT_TRANSLATE_NOOP("Facts", "version %1; known: %2");
    case FactId::WithoutEnd: return QT_TRANSLATE_NOOP("Facts", "it would keep Dowel at work without end");
    case FactId::Workbook: return QT_TRANSLATE_NOOP("Facts", "is a workbook");
    case FactId::WrittenElsewhere:
        return QT_TRANSLATE_NOOP("Facts", "another window or command has written to it; open it again");
    case FactId::KnownKeys: return QT_TRANSLATE_NOOP("Facts", "known: %1");
    case FactId::LinesOfLengths: return QT_TRANSLATE_NOOP("Facts", "each line of what is pasted is %1 lengths or more");
    case FactId::LongerThanBytes: return QT_TRANSLATE_NOOP("Facts", "longer than %1 MB: %2 bytes");
    case FactId::MustBeLength: return QT_TRANSLATE_NOOP("Facts", "%1; must be a length such as 6.4, 1/4 or 4 1/16 in");
    case FactId::MustBeList: return QT_TRANSLATE_NOOP("Facts", "must be a list");
    case FactId::MustBeNumber: return QT_TRANSLATE_NOOP("Facts", "%1; must be a number");
    case FactId::MustBeObject: return QT_TRANSLATE_NOOP("Facts", "must be an object");
    case FactId::MustBeText: return QT_TRANSLATE_NOOP("Facts", "%1; must be text in quotes");
    case FactId::MustBeThere: return QT_TRANSLATE_NOOP("Facts", "must be there");
    case FactId::MustBeTrueOrFalse: return QT_TRANSLATE_NOOP("Facts", "%1; must be true or false");
    case FactId::MustBeWhole: return QT_TRANSLATE_NOOP("Facts", "%1; must be a whole number");
    case FactId::MustBeWord: return QT_TRANSLATE_NOOP("Facts", "must be \"%1\"");
    case FactId::NestedTooDeep: return QT_TRANSLATE_NOOP("Facts", "lists or objects within each other more than %1 deep");
    case FactId::NoDay: return QT_TRANSLATE_NOOP("Facts", "is no day");
    case FactId::NoSuchBit: return QT_TRANSLATE_NOOP("Facts", "no such bit; write 6.5 mm, 9/32, #7 or F");
    case FactId::NoTable: return QT_TRANSLATE_NOOP("Facts", "holds no table; copy lines of lengths first");
    case FactId::NothingTyped: return QT_TRANSLATE_NOOP("Facts", "nothing is typed yet");
    case FactId::NotKnown: return QT_TRANSLATE_NOOP("Facts", "is not known");
    case FactId::NotKnownHere: return QT_TRANSLATE_NOOP("Facts", "is not known here");
    case FactId::RoughnessNumber: return QT_TRANSLATE_NOOP("Facts", "must be a number, 1 for a smooth bore");
    case FactId::SuchAsBit: return QT_TRANSLATE_NOOP("Facts", "a bit's size such as 6.4, 17/64, No. 7 or F");
    case FactId::SuchAsLength: return QT_TRANSLATE_NOOP("Facts", "a length such as 6.4, 1/4 or 4 1/16 in");
    case FactId::SuchAsVolume: return QT_TRANSLATE_NOOP("Facts", "a volume such as 3.2 mL");
    case FactId::TwiceInObject: return QT_TRANSLATE_NOOP("Facts", "\"%1\" stands twice in one object");
    }
    return "";
}

/// A number as the language writes it, with the digits that matter.
QString plain(double value)
{
    const QString written = QString::fromStdString(numberText(value));
    const qsizetype point = written.indexOf(QLatin1Char('.'));
    if (written.contains(QLatin1Char('e')) || !std::isfinite(value))
        return written;
    return number(value, point < 0 ? 0 : static_cast<int>(written.size() - point - 1));
}

QString said(const FactArgument& found, LengthUnit unit)
{
    return std::visit(Cases{[](const std::string& words) { return QString::fromStdString(words); },
                            [](std::int64_t count) { return QString::number(count); }, [](double value) { return plain(value); },
                            [unit](Metres m) {
                                // As it was found, not as sizes are shown: what is refused may be refused for its last digit.
                                return unit == LengthUnit::Inches ? length(m, unit)
                                                                  : tr("%1 mm", "a length").arg(plain(m.millimetres()));
                            },
                            [](Hertz f) { return tr("%1 Hz", "a frequency").arg(plain(f.hertz())); },
                            [](Cents c) { return tr("%1 cents", "an interval").arg(plain(c.cents())); },
                            [](Temperature t) { return tr("%1 °C", "a temperature").arg(plain(t.celsius())); },
                            [](Degrees d) {
                                return tr("%1°", "an angle").arg(plain(d.value));
                            }},
                      found);
}

} // namespace

QString facts(const Fact& fact, LengthUnit unit)
{
    QString words = fact.id == FactId::Said ? QStringLiteral("%1") : QCoreApplication::translate("Facts", sentenceOf(fact.id));
    // From the highest place down, so that what was put in is not taken for a place.
    for (std::size_t i = fact.with.size(); i-- > 0;)
        words.replace(QLatin1Char('%') + QString::number(i + 1), said(fact.with[i], unit));
    return words;
}

} // namespace dowel::text
