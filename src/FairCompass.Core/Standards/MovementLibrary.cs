using FairCompass.Core.Standards.Movements;
using FairCompass.Core.Text;

namespace FairCompass.Core.Standards;

/// <summary>The movements whose standards ship with the program. A new movement is a file and a line here.</summary>
public static class MovementLibrary
{
    /// <summary>The edition printed with every standard.</summary>
    public const string Edition = "house edition 1";

    /// <summary>All movements, in the order of the book.</summary>
    public static IReadOnlyList<Movement> All { get; } =
    [
        FrontSquat.Standard,
        Deadlift.Standard,
        PowerClean.Standard,
        DumbbellHangCleanAndJerk.Standard,
        WallBallShot.Standard,
        SandbagStepOver.Standard,
        BoxJumpOver.Standard,
        PullUp.Standard,
        JumpingPullUp.Standard,
        BarMuscleUp.Standard,
        ToesToBar.Standard,
        HangingKneeRaise.Standard,
        BurpeeOverTheBar.Standard,
        WallWalk.Standard,
        SitUp.Standard,
        AirBike.Standard,
        OverheadSquat.Standard,
        GobletSquat.Standard,
        FrontRackLunge.Standard,
        WalkingLunge.Standard,
        HangPowerClean.Standard,
        HangPowerSnatch.Standard,
        OneArmDumbbellSnatch.Standard,
        BenchPress.Standard,
        KettlebellSwing.Standard,
        KettlebellSwingToEyeLevel.Standard,
        KettlebellThruster.Standard,
        BoxStepOver.Standard,
        ChestToBarPullUp.Standard,
        RingMuscleUp.Standard,
        JumpToSupportOnTheRings.Standard,
        RopeClimb.Standard,
        BarFacingBurpee.Standard,
        BurpeeToTheTarget.Standard,
        HandReleasePushUp.Standard,
        StrictHandstandPushUp.Standard,
        HandstandWalk.Standard,
        BearCrawl.Standard,
        DoubleUnder.Standard,
        SingleUnder.Standard,
        FrontPlankOnStraightArms.Standard,
        RowingMachine.Standard,
        TeamBagCleanAndOver.Standard,
        TeamBagCarry.Standard,
    ];

    private static readonly Dictionary<string, Movement> ByName =
        All.SelectMany(m => m.Synonyms.Append(m.Name).Select(n => (Name: Normal(n), m)).DistinctBy(x => x.Name)).ToDictionary(x => x.Name, x => x.m, StringComparer.Ordinal);

    /// <summary>The movement of a name, a synonym, or either with a plural ending; null when it has no standard.</summary>
    public static Movement? Find(string name)
    {
        var normal = Normal(name);
        return ByName.GetValueOrDefault(normal) ?? (normal.EndsWith('s') ? ByName.GetValueOrDefault(normal[..^1]) : null);
    }

    /// <summary>The movement with an id, or null.</summary>
    public static Movement? ById(string id) => All.FirstOrDefault(m => m.Id == id);

    /// <summary>The name nearest to one without a standard, or null when none is near.</summary>
    public static string? Nearest(string name) => Words.Nearest(name, All.Select(m => m.Name));

    private static string Normal(string name) => name.Trim().Replace('-', ' ').ToLowerInvariant();
}
