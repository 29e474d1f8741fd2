// SPDX-License-Identifier: GPL-3.0-or-later
// What was found wrong, as a word with its quantities and names: the core writes no sentence. text/facts.cpp has one for each
// word, in every language, with lengths in the maker's unit.
#pragma once

#include "core/base/quantities.h"

#include <concepts>
#include <cstdint>
#include <string>
#include <type_traits>
#include <variant>
#include <vector>

namespace dowel {

enum class FactId {
    None,
    Said, ///< a name, or the words of the system or of a library, as they are
    // Out of its range
    Above,
    AboveAtMost,
    AboveBelow,
    After,
    AtLeast,
    AtMost,
    BytesTooMany,
    CanHave,
    ChannelsAtMost,
    DegreesOverTube,
    HolesGoneThrough,
    Known,
    LettersWithin,
    MustBeWithin,
    NotFinite,
    OneAFingering,
    OneOf,
    ReadingsAtMost,
    SampleRate,
    WholeWithin,
    Within,
    WithinDeviations,
    WithinRoom, ///< and may be in Fahrenheit
    // The shape
    BelowChimney,
    BitsRise,
    BoreIs,
    BoreThere,
    EmptyName,
    FirstStation,
    FootClosed,
    FromTheFoot,
    LongIs,
    NotLessThanHole,
    OnlyADuct,
    OutsideHorn,
    OverTheEnd,
    QuarterRound,
    RunsInto,
    RunsThrough,
    SlidesFromTop,
    StationsAtLeast,
    StationsRise,
    TimesDiameter,
    TimesHole,
    TubeIs,
    TubeRuns,
    TwoHoles,
    UnderHighestHole,
    WallIs,
    // Fingerings and tuning
    CentsHere,
    ClosedAndHalf,
    DegreesEnd,
    DegreesHere,
    FingeredAlike,
    FingeredOtherwise,
    LastDegree,
    LetterOfTonic,
    LowerFirst,
    MustBePitch,
    NoFingerings,
    NoHoleHere,
    NoSuchFingering,
    NoSuchMode,
    NoSuchScale,
    OneTarget,
    Register,
    StandsTwice,
    SuchAsPitchEntry,
    SuchAsPitchName,
    SuchAsTonic,
    TwelveNumbers,
    TwoFingerings,
    // Work on the wood, and what was measured
    AnotherInstrument,
    BeyondTheEnd,
    BoreWideAlready,
    CutSince,
    FootOpen,
    HasNoEmbouchure,
    HasNone,
    HasNoStopper,
    HasNoWindow,
    NoJointThere,
    IsNow,
    MustBeHoleName,
    NothingMeasured,
    NothingOfThatKind,
    ReamedSince,
    ReamsBeyond,
    // Layout and the models
    AllMillimetres,
    EstimateOtherSize,
    FingeringNames,
    FirstRegisterNeeded,
    HandSpans,
    HasHoles,
    HolesOfFingerings,
    HolesStandThere,
    NoBits,
    NoCovariance,
    NoFirstRegister,
    NoHolesYet,
    NoLowestNote,
    NoneClosesAll,
    NoRow,
    NothingToCarry,
    PlanHasNone,
    ReachesTo,
    SlideNeeds,
    TooShortFor,
    WiderThan,
    WoodBetween,
    // What is heard
    CutOff,
    CutOffAt,
    DamagedSound,
    EmptyFile,
    HeardExpected,
    LongerThanMinutes,
    NoFlac,
    NoNoteAroundCut,
    NoNoteOnTwo,
    NoProcess,
    NoSamples,
    NoSoundFile,
    NoSteadyTone,
    NothingHeard,
    NotNumbers,
    Silence,
    TakeTooLong,
    TooShort,
    TwoSideBySide,
    // The record
    Checksum,
    EntriesMissing,
    EntryNumber,
    EntryOf,
    NoKindOfEntry,
    NoPicture,
    NotBoth,
    NothingChanged,
    NumberBeyond,
    NumberNotKept,
    NumberTwice,
    PhotographUnreadable,
    SameWood,
    TakeChecksum,
    TakesForReadings,
    TwiceOrOutOfOrder,
    // Files
    BeginsOtherwise,
    CannotBeOpened,
    Device,
    FileGone,
    Folder,
    ItIsDevice,
    ItIsFolder,
    ItIsLink,
    ItIsNoPlainFile,
    ItIsPipe,
    ItIsSocket,
    JournalName,
    LeftInWrite,
    LeftInWriteCopy,
    Link,
    LongerThanMB,
    LookingOnly,
    MayNotBeOpened,
    MayNotBeRead,
    MayOnlyBeRead,
    NoPictureToKeep,
    NoPictureToRead,
    NoPlainFile,
    NoShopMemory,
    NoSpecification,
    NoSuchFile,
    NotPutTogether,
    OldJournal,
    OnlyRead,
    OpenElsewhere,
    OtherDatabase,
    PageNotDrawn,
    Pipe,
    ShopMemoryVersion,
    Socket,
    SomethingTooLong,
    TableNotOurs,
    TablesNotOurs,
    ThereAlready,
    VersionKnown,
    WithoutEnd,
    Workbook,
    WrittenElsewhere,
    // What is typed, pasted or written in JSON
    KnownKeys,
    LinesOfLengths,
    LongerThanBytes,
    MustBeLength,
    MustBeList,
    MustBeNumber,
    MustBeObject,
    MustBeText,
    MustBeThere,
    MustBeTrueOrFalse,
    MustBeWhole,
    MustBeWord,
    NestedTooDeep,
    NoDay,
    NoSuchBit,
    NoTable,
    NothingTyped,
    NotKnown,
    NotKnownHere,
    RoughnessNumber,
    SuchAsBit,
    SuchAsLength,
    SuchAsVolume,
    TwiceInObject
};

struct Degrees
{
    double value = 0.0;
    friend bool operator==(const Degrees&, const Degrees&) = default;
};

using FactArgument = std::variant<std::string, std::int64_t, double, Metres, Hertz, Cents, Temperature, Degrees>;

struct Fact
{
    FactId id = FactId::None;
    std::vector<FactArgument> with{};

    Fact() = default;
    /// found: quantities, counts, plain numbers and names, in the order in which text/facts.cpp places them.
    template <class... Found> Fact(FactId what, const Found&... found) : id(what), with{argument(found)...} {} // NOLINT
    /// A name, or the words of the system or of a library.
    static Fact said(const std::string& words) { return {FactId::Said, words}; }
    friend bool operator==(const Fact&, const Fact&) = default;

private:
    template <class Found> static FactArgument argument(const Found& found)
    {
        if constexpr (std::integral<Found>)
            return static_cast<std::int64_t>(found);
        else if constexpr (std::is_constructible_v<std::string, const Found&>)
            return std::string(found);
        else
            return found;
    }
};

} // namespace dowel
