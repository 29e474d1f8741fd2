// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/facts.h"

#include "core/base/cases.h"
#include "core/base/number_text.h"
#include "text/tr.h"

#include <QCoreApplication>
#include <cmath>
#include <iterator>
#include <variant>

namespace dowel::text {

namespace {

struct Sentence
{
    FactId id;
    const char* words;
};
/// In the order of the words, so that each finds its own.
constexpr Sentence sentences[] = {
    {FactId::None, ""},
    {FactId::Said, "%1"},
    {FactId::Above, QT_TRANSLATE_NOOP("Facts", "%1; must be above %2")},
    {FactId::AboveAtMost, QT_TRANSLATE_NOOP("Facts", "%1; must be above %2 and at most %3")},
    {FactId::AboveBelow, QT_TRANSLATE_NOOP("Facts", "%1; must be above %2 and below %3")},
    {FactId::After, QT_TRANSLATE_NOOP("Facts", "%1 after %2")},
    {FactId::AtLeast, QT_TRANSLATE_NOOP("Facts", "%1; must be at least %2")},
    {FactId::AtMost, QT_TRANSLATE_NOOP("Facts", "%1; at most %2")},
    {FactId::BytesTooMany, QT_TRANSLATE_NOOP("Facts", "%1 bytes are more than a workbook takes (%2)")},
    {FactId::CanHave, QT_TRANSLATE_NOOP("Facts", "%1; this instrument can have: %2")},
    {FactId::ChannelsAtMost, QT_TRANSLATE_NOOP("Facts", "%1 channels; at most %2")},
    {FactId::DegreesOverTube, QT_TRANSLATE_NOOP("Facts", "%1; at most %2 degrees over the tube")},
    {FactId::HolesGoneThrough, QT_TRANSLATE_NOOP("Facts", "%1; at most %2 can be gone through")},
    {FactId::Known, QT_TRANSLATE_NOOP("Facts", "%1; known: %2")},
    {FactId::LettersWithin, QT_TRANSLATE_NOOP("Facts", "%1 letters; must be %2 to %3")},
    {FactId::MustBeWithin, QT_TRANSLATE_NOOP("Facts", "must be %1 to %2")},
    {FactId::NotFinite, QT_TRANSLATE_NOOP("Facts", "not a finite size")},
    {FactId::OneAFingering, QT_TRANSLATE_NOOP("Facts", "must be %1 to %2, one a fingering")},
    {FactId::OneOf, QT_TRANSLATE_NOOP("Facts", "%1; must be %2 or %3")},
    {FactId::ReadingsAtMost, QT_TRANSLATE_NOOP("Facts", "%1 readings; at most %2 in one session")},
    {FactId::SampleRate, QT_TRANSLATE_NOOP("Facts", "%1 samples a second; must be %2 to %3")},
    {FactId::WholeWithin, QT_TRANSLATE_NOOP("Facts", "%1; must be a whole number from %2 to %3")},
    {FactId::Within, QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3")},
    {FactId::WithinDeviations, QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 standard deviations")},
    {FactId::WithinRoom, QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 (68 Fahrenheit are 20 Celsius)")},
    {FactId::BelowChimney, QT_TRANSLATE_NOOP("Facts", "%1; must be above 0 and below the chimney's %2")},
    {FactId::BitsRise, QT_TRANSLATE_NOOP("Facts", "%1; bits must rise")},
    {FactId::BoreIs, QT_TRANSLATE_NOOP("Facts", "%1; the bore is %2")},
    {FactId::BoreThere, QT_TRANSLATE_NOOP("Facts", "%1; the bore there is %2 wide")},
    {FactId::EmptyName, QT_TRANSLATE_NOOP("Facts", "empty name")},
    {FactId::FirstStation, QT_TRANSLATE_NOOP("Facts", "%1; the first station is at 0")},
    {FactId::FootClosed, QT_TRANSLATE_NOOP("Facts", "this foot is closed")},
    {FactId::FromTheFoot, QT_TRANSLATE_NOOP("Facts", "%1 below %2 at %3; holes are numbered from the foot upwards")},
    {FactId::LongIs, QT_TRANSLATE_NOOP("Facts", "%1; the tube is %2 long")},
    {FactId::NotLessThanHole, QT_TRANSLATE_NOOP("Facts", "%1; not less than the hole's %2")},
    {FactId::OnlyADuct, QT_TRANSLATE_NOOP("Facts", "only a duct has one")},
    {FactId::OutsideHorn, QT_TRANSLATE_NOOP("Facts", "%1; outside the horn is %2")},
    {FactId::OverTheEnd, QT_TRANSLATE_NOOP("Facts", "%1; its edge runs over the end of the tube")},
    {FactId::QuarterRound, QT_TRANSLATE_NOOP("Facts", "%1; must be within a quarter of the way round the tube")},
    {FactId::RunsInto, QT_TRANSLATE_NOOP("Facts", "runs into %1")},
    {FactId::RunsThrough, QT_TRANSLATE_NOOP("Facts", "%1; runs through %2")},
    {FactId::SlidesFromTop, QT_TRANSLATE_NOOP("Facts", "%1; slides stand from the top downwards")},
    {FactId::StationsAtLeast, QT_TRANSLATE_NOOP("Facts", "%1 stations; at least %2")},
    {FactId::StationsRise, QT_TRANSLATE_NOOP("Facts", "%1 after %2; stations must rise")},
    {FactId::TimesDiameter, QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 times the diameter")},
    {FactId::TimesHole, QT_TRANSLATE_NOOP("Facts", "%1; must be %2 to %3 times the hole's %4")},
    {FactId::TubeIs, QT_TRANSLATE_NOOP("Facts", "%1; the tube is %2")},
    {FactId::TubeRuns, QT_TRANSLATE_NOOP("Facts", "%1; the tube runs from 0 to %2")},
    {FactId::TwoHoles, QT_TRANSLATE_NOOP("Facts", "two holes of this name")},
    {FactId::UnderHighestHole, QT_TRANSLATE_NOOP("Facts", "%1; must be above the highest hole, %2")},
    {FactId::WallIs, QT_TRANSLATE_NOOP("Facts", "%1; the wall is %2")},
    {FactId::CentsHere, QT_TRANSLATE_NOOP("Facts", "\"%1\"; cents with a point or a ratio such as 3/2 must stand here")},
    {FactId::ClosedAndHalf, QT_TRANSLATE_NOOP("Facts", "%1 cannot be closed and half open")},
    {FactId::DegreesEnd, QT_TRANSLATE_NOOP("Facts", "the text ends after %1 of %2 degrees")},
    {FactId::DegreesHere, QT_TRANSLATE_NOOP("Facts", "\"%1\"; the number of degrees must stand here, 1 to 1000")},
    {FactId::FingeredAlike, QT_TRANSLATE_NOOP("Facts", "is fingered as %1 is, in the same register")},
    {FactId::FingeredOtherwise, QT_TRANSLATE_NOOP("Facts", "is fingered otherwise than %1")},
    {FactId::LastDegree, QT_TRANSLATE_NOOP("Facts", "the last degree is the period and must lie above the tonic")},
    {FactId::LetterOfTonic, QT_TRANSLATE_NOOP("Facts", "%1; a letter with # or b")},
    {FactId::LowerFirst, QT_TRANSLATE_NOOP("Facts", "lies above %1; the lower note comes first")},
    {FactId::MustBePitch, QT_TRANSLATE_NOOP("Facts", "%1; must be a pitch name such as D5, F#4 or Bb3")},
    {FactId::NoFingerings,
     QT_TRANSLATE_NOOP("Facts", "none are wanted yet; a chart with one note at least says how it is played")},
    {FactId::NoHoleHere, QT_TRANSLATE_NOOP("Facts", "%1 is no hole of this instrument")},
    {FactId::NoSuchFingering, QT_TRANSLATE_NOOP("Facts", "no such fingering")},
    {FactId::NoSuchMode, QT_TRANSLATE_NOOP("Facts", "no such mode")},
    {FactId::NoSuchScale, QT_TRANSLATE_NOOP("Facts", "no such scale")},
    {FactId::OneTarget, QT_TRANSLATE_NOOP("Facts", "exactly one of target and target_hz must be there")},
    {FactId::Register, QT_TRANSLATE_NOOP("Facts", "register %1")},
    {FactId::StandsTwice, QT_TRANSLATE_NOOP("Facts", "%1 stands there twice")},
    {FactId::SuchAsPitchEntry, QT_TRANSLATE_NOOP("Facts", "hertz such as 586.3, cents such as -12, or a note such as D5 -12")},
    {FactId::SuchAsPitchName, QT_TRANSLATE_NOOP("Facts", "a pitch name such as D5, F#4 or Bb3")},
    {FactId::SuchAsTonic, QT_TRANSLATE_NOOP("Facts", "a tonic such as C, F# or Bb")},
    {FactId::TwelveNumbers, QT_TRANSLATE_NOOP("Facts", "twelve numbers rising from 0 to below 1200 must stand here")},
    {FactId::TwoFingerings, QT_TRANSLATE_NOOP("Facts", "two fingerings of this name")},
    {FactId::AnotherInstrument, QT_TRANSLATE_NOOP("Facts", "another way to sound is another instrument")},
    {FactId::BeyondTheEnd, QT_TRANSLATE_NOOP("Facts", "lies beyond the tube's end; its length is length_mm")},
    {FactId::BoreWideAlready, QT_TRANSLATE_NOOP("Facts", "the bore is at least as wide there already")},
    {FactId::CutSince, QT_TRANSLATE_NOOP("Facts", "a cut has changed it since; what it is now is another cut")},
    {FactId::FootOpen, QT_TRANSLATE_NOOP("Facts", "%1; this tube is open at the foot")},
    {FactId::HasNoEmbouchure, QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no embouchure hole")},
    {FactId::HasNone, QT_TRANSLATE_NOOP("Facts", "%1; this instrument has none")},
    {FactId::HasNoStopper, QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no stopper")},
    {FactId::HasNoWindow, QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no window")},
    {FactId::NoJointThere, QT_TRANSLATE_NOOP("Facts", "%1; this instrument has no joint there")},
    {FactId::IsNow, QT_TRANSLATE_NOOP("Facts", "%1; it is %2 now")},
    {FactId::MustBeHoleName, QT_TRANSLATE_NOOP("Facts", "must be a hole's name")},
    {FactId::NothingMeasured, QT_TRANSLATE_NOOP("Facts", "nothing was measured")},
    {FactId::NothingOfThatKind, QT_TRANSLATE_NOOP("Facts", "this instrument has nothing of that kind")},
    {FactId::ReamedSince, QT_TRANSLATE_NOOP("Facts", "the bore was reamed since; what it is now is another cut")},
    {FactId::ReamsBeyond, QT_TRANSLATE_NOOP("Facts", "from %1 to %2; the tube runs from 0 to %3")},
    {FactId::AllMillimetres, QT_TRANSLATE_NOOP("Facts", "%1 would sound about %2; are all lengths in millimetres?")},
    {FactId::EstimateOtherSize, QT_TRANSLATE_NOOP("Facts", "an estimate of another size, or not finite")},
    {FactId::FingeringNames, QT_TRANSLATE_NOOP("Facts", "%1; a fingering names h%2")},
    {FactId::FirstRegisterNeeded, QT_TRANSLATE_NOOP("Facts", "at least one fingering of register 1 is needed to lay out holes")},
    {FactId::HandSpans, QT_TRANSLATE_NOOP("Facts", "a hand would span %1, it reaches %2")},
    {FactId::HasHoles, QT_TRANSLATE_NOOP("Facts", "has holes already; a blank has none")},
    {FactId::HolesOfFingerings, QT_TRANSLATE_NOOP("Facts", "%1 holes; the plan's fingerings have %2")},
    {FactId::HolesStandThere, QT_TRANSLATE_NOOP("Facts", "%1; %2 holes stand there")},
    {FactId::NoBits, QT_TRANSLATE_NOOP("Facts", "no bits_mm stand under tools")},
    {FactId::NoCovariance, QT_TRANSLATE_NOOP("Facts", "a covariance that is none")},
    {FactId::NoFirstRegister, QT_TRANSLATE_NOOP("Facts", "the bare tube has no first register")},
    {FactId::NoHolesYet, QT_TRANSLATE_NOOP("Facts", "there are none yet; log the drilled holes first")},
    {FactId::NoLowestNote, QT_TRANSLATE_NOOP("Facts", "has no lowest note")},
    {FactId::NoneClosesAll, QT_TRANSLATE_NOOP("Facts", "none closes every hole")},
    {FactId::NoRow, QT_TRANSLATE_NOOP("Facts", "no row of holes could be worked out from there")},
    {FactId::NothingToCarry, QT_TRANSLATE_NOOP("Facts", "has no holes and fingerings to carry over")},
    {FactId::PlanHasNone, QT_TRANSLATE_NOOP("Facts", "stand already; a plan has none")},
    {FactId::ReachesTo, QT_TRANSLATE_NOOP("Facts", "%1 to %2 would be %3 for fingers that reach %4")},
    {FactId::SlideNeeds, QT_TRANSLATE_NOOP("Facts", "needs a closed foot, no holes and one fingering")},
    {FactId::TooShortFor, QT_TRANSLATE_NOOP("Facts", "%1; too short for %2 by about %3")},
    {FactId::WiderThan, QT_TRANSLATE_NOOP("Facts", "%1 is wider than %2")},
    {FactId::WoodBetween, QT_TRANSLATE_NOOP("Facts", "%1 and %2 would leave %3 of wood")},
    {FactId::CutOff, QT_TRANSLATE_NOOP("Facts", "the file is cut off: it promises more sound than it holds")},
    {FactId::CutOffAt, QT_TRANSLATE_NOOP("Facts", "%1 of %2 samples; the file is cut off")},
    {FactId::DamagedSound, QT_TRANSLATE_NOOP("Facts", "is damaged, or asks for more memory and time than sound needs")},
    {FactId::EmptyFile, QT_TRANSLATE_NOOP("Facts", "the file is empty")},
    {FactId::HeardExpected, QT_TRANSLATE_NOOP("Facts", "%1 (%2), expected about %3 (%4)")},
    {FactId::LongerThanMinutes, QT_TRANSLATE_NOOP("Facts", "longer than %1 minutes; cut it into takes")},
    {FactId::NoFlac, QT_TRANSLATE_NOOP("Facts", "is no FLAC")},
    {FactId::NoNoteAroundCut, QT_TRANSLATE_NOOP("Facts", "no note was recorded before and after the last cut")},
    {FactId::NoNoteOnTwo, QT_TRANSLATE_NOOP("Facts", "no note was heard on two of them before the first cut")},
    {FactId::NoProcess, QT_TRANSLATE_NOOP("Facts", "no process could be started to decode it")},
    {FactId::NoSamples, QT_TRANSLATE_NOOP("Facts", "holds no samples")},
    {FactId::NoSoundFile, QT_TRANSLATE_NOOP("Facts", "is no sound file that Dowel reads; WAV, FLAC, AIFF, AU and Ogg are")},
    {FactId::NoSteadyTone, QT_TRANSLATE_NOOP("Facts", "no steady tone")},
    {FactId::NothingHeard, QT_TRANSLATE_NOOP("Facts", "nothing was heard on it yet")},
    {FactId::NotNumbers, QT_TRANSLATE_NOOP("Facts", "samples that are not numbers")},
    {FactId::Silence, QT_TRANSLATE_NOOP("Facts", "silence")},
    {FactId::TakeTooLong, QT_TRANSLATE_NOOP("Facts", "longer than a workbook takes; cut it into takes")},
    {FactId::TooShort, QT_TRANSLATE_NOOP("Facts", "too short")},
    {FactId::TwoSideBySide, QT_TRANSLATE_NOOP("Facts", "two at least are laid side by side")},
    {FactId::Checksum, QT_TRANSLATE_NOOP("Facts", "its checksum does not fit")},
    {FactId::EntriesMissing, QT_TRANSLATE_NOOP("Facts", "entries are missing that once stood there")},
    {FactId::EntryNumber, QT_TRANSLATE_NOOP("Facts", "entry %1")},
    {FactId::EntryOf, QT_TRANSLATE_NOOP("Facts", "the entry of %1")},
    {FactId::NoKindOfEntry, QT_TRANSLATE_NOOP("Facts", "is no kind of entry")},
    {FactId::NoPicture, QT_TRANSLATE_NOOP("Facts", "it has no picture")},
    {FactId::NotBoth, QT_TRANSLATE_NOOP("Facts", "one note or an instrument, not both")},
    {FactId::NothingChanged, QT_TRANSLATE_NOOP("Facts", "nothing is changed")},
    {FactId::NumberBeyond, QT_TRANSLATE_NOOP("Facts", "its number is none that a record reaches")},
    {FactId::NumberNotKept, QT_TRANSLATE_NOOP("Facts", "a number in it cannot be kept as it is")},
    {FactId::NumberTwice, QT_TRANSLATE_NOOP("Facts", "%1 comes twice or out of order")},
    {FactId::PhotographUnreadable, QT_TRANSLATE_NOOP("Facts", "its photograph cannot be read")},
    {FactId::SameWood, QT_TRANSLATE_NOOP("Facts", "is the same piece of wood as %1")},
    {FactId::TakeChecksum, QT_TRANSLATE_NOOP("Facts", "its recording's checksum does not fit")},
    {FactId::TakesForReadings, QT_TRANSLATE_NOOP("Facts", "%1 of them for %2 readings")},
    {FactId::TwiceOrOutOfOrder, QT_TRANSLATE_NOOP("Facts", "comes twice or out of order")},
    {FactId::BeginsOtherwise, QT_TRANSLATE_NOOP("Facts", "does not begin as a workbook does")},
    {FactId::CannotBeOpened, QT_TRANSLATE_NOOP("Facts", "cannot be opened")},
    {FactId::Device, QT_TRANSLATE_NOOP("Facts", "is a device")},
    {FactId::FileGone,
     QT_TRANSLATE_NOOP("Facts", "the file that was opened is no longer there; it was moved, replaced or taken away")},
    {FactId::Folder, QT_TRANSLATE_NOOP("Facts", "is a folder")},
    {FactId::ItIsDevice, QT_TRANSLATE_NOOP("Facts", "it is a device")},
    {FactId::ItIsFolder, QT_TRANSLATE_NOOP("Facts", "it is a folder")},
    {FactId::ItIsLink, QT_TRANSLATE_NOOP("Facts", "it is a link")},
    {FactId::ItIsNoPlainFile, QT_TRANSLATE_NOOP("Facts", "it is no plain file")},
    {FactId::ItIsPipe, QT_TRANSLATE_NOOP("Facts", "it is a pipe")},
    {FactId::ItIsSocket, QT_TRANSLATE_NOOP("Facts", "it is a socket")},
    {FactId::JournalName, QT_TRANSLATE_NOOP("Facts", "is a name that a workbook's own journal has")},
    {FactId::LeftInWrite, QT_TRANSLATE_NOOP("Facts", "it was left in the middle of a write that could not be undone")},
    {FactId::LeftInWriteCopy,
     QT_TRANSLATE_NOOP(
         "Facts", "it was left in the middle of a write; copy it with %1 to a folder that may be written, and open it there")},
    {FactId::Link, QT_TRANSLATE_NOOP("Facts", "is a link")},
    {FactId::LongerThanMB, QT_TRANSLATE_NOOP("Facts", "it is longer than %1 MB")},
    {FactId::LookingOnly, QT_TRANSLATE_NOOP("Facts", "it was opened for looking only")},
    {FactId::MayNotBeOpened, QT_TRANSLATE_NOOP("Facts", "the file or its folder may not be opened")},
    {FactId::MayNotBeRead, QT_TRANSLATE_NOOP("Facts", "it may not be read")},
    {FactId::MayOnlyBeRead, QT_TRANSLATE_NOOP("Facts", "it may only be read")},
    {FactId::NoPictureToKeep, QT_TRANSLATE_NOOP("Facts", "is no picture that can be kept")},
    {FactId::NoPictureToRead, QT_TRANSLATE_NOOP("Facts", "is no picture that can be read")},
    {FactId::NoPlainFile, QT_TRANSLATE_NOOP("Facts", "is no plain file")},
    {FactId::NoShopMemory, QT_TRANSLATE_NOOP("Facts", "no shop memory is there; advise makes one with the first instrument")},
    {FactId::NoSpecification, QT_TRANSLATE_NOOP("Facts", "holds no specification")},
    {FactId::NoSuchFile, QT_TRANSLATE_NOOP("Facts", "no such file is there")},
    {FactId::NotPutTogether, QT_TRANSLATE_NOOP("Facts", "the new workbook could not be put together")},
    {FactId::OldJournal,
     QT_TRANSLATE_NOOP("Facts", "belongs to a workbook that once lay here, and would be played into the new one")},
    {FactId::OnlyRead, QT_TRANSLATE_NOOP("Facts", "may only be read")},
    {FactId::OpenElsewhere, QT_TRANSLATE_NOOP("Facts", "is open in another window or command")},
    {FactId::OtherDatabase, QT_TRANSLATE_NOOP("Facts", "is a database of another program")},
    {FactId::PageNotDrawn, QT_TRANSLATE_NOOP("Facts", "the page cannot be drawn")},
    {FactId::Pipe, QT_TRANSLATE_NOOP("Facts", "is a pipe")},
    {FactId::ShopMemoryVersion, QT_TRANSLATE_NOOP("Facts", "shop memory of version %1")},
    {FactId::Socket, QT_TRANSLATE_NOOP("Facts", "is a socket")},
    {FactId::SomethingTooLong, QT_TRANSLATE_NOOP("Facts", "holds something longer than a workbook can")},
    {FactId::TableNotOurs, QT_TRANSLATE_NOOP("Facts", "its table is not as Dowel makes it")},
    {FactId::TablesNotOurs, QT_TRANSLATE_NOOP("Facts", "its tables and guards are not as Dowel makes them")},
    {FactId::ThereAlready, QT_TRANSLATE_NOOP("Facts", "is there already")},
    {FactId::VersionKnown, QT_TRANSLATE_NOOP("Facts", "version %1; known: %2")},
    {FactId::WithoutEnd, QT_TRANSLATE_NOOP("Facts", "it would keep Dowel at work without end")},
    {FactId::Workbook, QT_TRANSLATE_NOOP("Facts", "is a workbook")},
    {FactId::WrittenElsewhere, QT_TRANSLATE_NOOP("Facts", "another window or command has written to it; open it again")},
    {FactId::KnownKeys, QT_TRANSLATE_NOOP("Facts", "known: %1")},
    {FactId::LinesOfLengths, QT_TRANSLATE_NOOP("Facts", "each line of what is pasted is %1 lengths or more")},
    {FactId::LongerThanBytes, QT_TRANSLATE_NOOP("Facts", "longer than %1 MB: %2 bytes")},
    {FactId::MustBeLength, QT_TRANSLATE_NOOP("Facts", "%1; must be a length such as 6.4, 1/4 or 4 1/16 in")},
    {FactId::MustBeList, QT_TRANSLATE_NOOP("Facts", "must be a list")},
    {FactId::MustBeNumber, QT_TRANSLATE_NOOP("Facts", "%1; must be a number")},
    {FactId::MustBeObject, QT_TRANSLATE_NOOP("Facts", "must be an object")},
    {FactId::MustBeText, QT_TRANSLATE_NOOP("Facts", "%1; must be text in quotes")},
    {FactId::MustBeThere, QT_TRANSLATE_NOOP("Facts", "must be there")},
    {FactId::MustBeTrueOrFalse, QT_TRANSLATE_NOOP("Facts", "%1; must be true or false")},
    {FactId::MustBeWhole, QT_TRANSLATE_NOOP("Facts", "%1; must be a whole number")},
    {FactId::MustBeWord, QT_TRANSLATE_NOOP("Facts", "must be \"%1\"")},
    {FactId::NestedTooDeep, QT_TRANSLATE_NOOP("Facts", "lists or objects within each other more than %1 deep")},
    {FactId::NoDay, QT_TRANSLATE_NOOP("Facts", "is no day")},
    {FactId::NoSuchBit, QT_TRANSLATE_NOOP("Facts", "no such bit; write 6.5 mm, 9/32, #7 or F")},
    {FactId::NoTable, QT_TRANSLATE_NOOP("Facts", "holds no table; copy lines of lengths first")},
    {FactId::NothingTyped, QT_TRANSLATE_NOOP("Facts", "nothing is typed yet")},
    {FactId::NotKnown, QT_TRANSLATE_NOOP("Facts", "is not known")},
    {FactId::NotKnownHere, QT_TRANSLATE_NOOP("Facts", "is not known here")},
    {FactId::RoughnessNumber, QT_TRANSLATE_NOOP("Facts", "must be a number, 1 for a smooth bore")},
    {FactId::SuchAsBit, QT_TRANSLATE_NOOP("Facts", "a bit's size such as 6.4, 17/64, No. 7 or F")},
    {FactId::SuchAsLength, QT_TRANSLATE_NOOP("Facts", "a length such as 6.4, 1/4 or 4 1/16 in")},
    {FactId::SuchAsVolume, QT_TRANSLATE_NOOP("Facts", "a volume such as 3.2 mL")},
    {FactId::TwiceInObject, QT_TRANSLATE_NOOP("Facts", "\"%1\" stands twice in one object")},
};

constexpr bool everyWordHasItsSentence()
{
    for (std::size_t i = 0; i < std::size(sentences); ++i)
        if (sentences[i].id != static_cast<FactId>(i))
            return false;
    return std::size(sentences) == static_cast<std::size_t>(FactId::TwiceInObject) + 1;
}
static_assert(everyWordHasItsSentence());

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
                            [](Temperature t) {
                                return plain(speaksFahrenheit() ? std::round(inDegrees(t) * 10.0) / 10.0 : t.celsius()) +
                                       QLatin1Char(' ') + degreeSign();
                            },
                            [](Degrees d) {
                                return tr("%1°", "an angle").arg(plain(d.value));
                            }},
                      found);
}

} // namespace

QString facts(const Fact& fact, LengthUnit unit)
{
    QString words = QCoreApplication::translate("Facts", sentences[static_cast<std::size_t>(fact.id)].words);
    // From the highest place down, so that what was put in is not taken for a place.
    for (std::size_t i = fact.with.size(); i-- > 0;)
        words.replace(QLatin1Char('%') + QString::number(i + 1), said(fact.with[i], unit));
    return words;
}

} // namespace dowel::text
