using System.Text.RegularExpressions;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Checks;

/// <summary>All checks. A new one is a class and a line here.</summary>
public static partial class CheckList
{
    /// <summary>The rule id of a line that was not understood.</summary>
    public const string NotUnderstood = "not-understood";

    /// <summary>Every check, in the order in which they are documented.</summary>
    public static IReadOnlyList<ICheck> All { get; } =
    [
        new LoadMissing(),
        new HeightMissing(),
        new StandardMissing(),
        new PolicyMisfit(),
        new UnfinishedUnstated(),
        new TieUnstated(),
        new NoLiftUnstated(),
        new LoadNotMakeable(),
        new ReRigDiffers(),
        new ReRigNotMakeable(),
        new OneOrTwo(),
        new BarUnknown(),
        new PlatesShared(),
        new JumpPlates(),
        new PullPlates(),
        new ChangeTooShort(),
        new KitShort(),
        new KitAtOnce(),
        new UnitUnsaid(),
        new UnitsDisagree(),
        new HeavierThanParent(),
        new MoreWorkRanksLower(),
        new UnknownName(),
        new SaidTwice(),
        new ImpossibleNumber(),
        new NobodyHasSaid(),
        new EndlessForTime(),
        new IntervalFull(),
        new IntervalEmpty(),
        new NotDoable(),
        new CapIdle(),
        new AfterEndless(),
        new RestOutsideWindows(),
        new SeriesMisfit(),
        new DutyOrderDiffers(),
        new NoWork(),
        new NoScore(),
        new ScoreMisfit(),
        new TooLarge(),
        new MetresAmongReps(),
        new NotCounted(),
        new SharedAmount(),
        new EachUnsaid(),
        new SharingImpossible(),
        new HoldImpossible(),
        new GateMisplaced(),
        new LoadLadder(),
        new LateUnstated(),
        new ShortUnstated(),
        new CheckpointMisfit(),
        new PartialMisfit(),
        new TimesMisfit(),
        new LiftMisfit(),
        new RisingMisfit(),
        new LineUpMisfit(),
        new RankingUnstated(),
        new GroupMisfit(),
        new PostMisfit(),
        new IntervalMisfit(),
        new PostDoubled(),
        new BonusUnreachable(),
        new ClauseUnseen(),
        new NoRepLeft(),
        new NoRepOfRequired(),
        new GoodCaseCalled(),
        new AgainstPolicy(),
        new ReturnPoints(),
        new LevelUnsaid(),
        new PlaneUnknown(),
        new DutyInRule(),
        new AskedTwice(),
        new RuleWithoutCall(),
        new SwappedLoad(),
        new SwappedAmount(),
        new SwappedHeight(),
        new MarksMisfit(),
        new ChunksMisfit(),
        new RoundBeyond(),
        new OrdinalBeyond(),
        new RestLast(),
        new IntervalsUneven(),
        new InOneGo(),
        new OneGoInTurns(),
        new TieIsFinish(),
        new WeightZero(),
        new CapLineOfOther(),
        new SameNameTwice(),
        new TwoScoresOneName(),
        new GateSecondIdle(),
        new ClipsIdle(),
        new PolicyIdle(),
        new RuleElsewhere(),
        new GroupsIdle(),
        new ShuttleLength(),
        new RopeMarkMissing(),
        new BarHeightMissing(),
        new WallWalkLines(),
        new RowLineMissing(),
        new RepsOfFixedWork(),
        new TwoScoresOfOne(),
        new HoldAsReps(),
        new LevelEqual(),
        new LevelHeavier(),
        new LowerMore(),
        new LowerHigher(),
        new HelpAlone(),
        new HeightOdd(),
        new CreditUpsideDown(),
        new WindowAndChange(),
        new LoadOnNothing(),
        new OneValueForTwo(),
        new Outlier(),
        new OutlierInSeries(),
        new RungOutOfRounds(),
        new RestLong(),
        new HandZone(),
        new SectionsUnmarked(),
        new StartUnsaid(),
        new HandOverNowhere(),
        new PositionUnsaid(),
        new SeatsUnsaid(),
        new HoldUnknown(),
        new MenuWithoutCredit(),
        new AttemptsOfFloor(),
        new OtherDocument(),
        new NoteNumber(),
    ];

    /// <summary>Findings of one rule that are told: more help nobody, and a short text can have very many.</summary>
    public const int MostOfOneRule = 100;

    /// <summary>Everything found, in the order of the text; what was not understood comes first on its line.</summary>
    public static Eq<Finding> Run(CheckContext context, IReadOnlyList<Problem> problems, CancellationToken cancel = default)
    {
        var findings = NotRead.Of(context, problems).ToList();
        // A draft that is too large was read and not worked out, so there is nothing that the others could speak of.
        foreach (var check in context.TooLarge is null ? All : All.Where(c => c is TooLarge))
        {
            cancel.ThrowIfCancellationRequested();
            findings.AddRange(
                Told(check.Look(context))
                    .Select(r => new Finding(
                        check.Id,
                        r.Matters ?? check.Severity,
                        r.At,
                        r.Sentence,
                        check.Why,
                        r.Mends.ToEq(),
                        Key(check.Id, context.Lines, r.At, r.Sentence)
                    )
                    {
                        KitMends = r.KitMends,
                    })
            );
        }

        return Waivers
            .Applied(findings, context)
            .DistinctBy(f => (f.Rule, f.At.Line, f.At.Column, f.Sentence))
            .GroupBy(f => f.Key)
            // Two sentences without values at one line still have a key each.
            .SelectMany(g => g.Select((f, i) => i == 0 ? f : f with { Key = $"{f.Key}|{i + 1}" }))
            .OrderBy(f => f.At.Line)
            .ThenBy(f => f.Severity)
            .ThenBy(f => f.At.Column)
            .ToEq();
    }

    private static IEnumerable<Report> Told(IEnumerable<Report> reports)
    {
        var told = 0;
        foreach (var report in reports)
        {
            if (++told > MostOfOneRule)
            {
                yield return report with
                {
                    Sentence = $"There are more like the {MostOfOneRule} above; settle those first.",
                    Mends = [],
                    KitMends = [],
                };
                yield break;
            }

            yield return report;
        }
    }

    internal static string Key(string rule, IReadOnlyList<string> text, SourceRange at, string sentence) =>
        string.Join('|', rule, at.Line >= 1 && at.Line <= text.Count ? text[at.Line - 1].Trim() : "", string.Join(", ", Values(sentence)));

    /// <summary>The values of a sentence, in its order: its figures, what it quotes, and its names. They say what was found, however the
    /// sentence around them is worded.</summary>
    internal static IEnumerable<string> Values(string sentence) => ValuesOf().Matches(sentence).Select(m => m.Value);

    [GeneratedRegex(@"“[^”]*”|\d+(?:[.:/]\d+)*|(?<=[a-z,:;] )\p{Lu}[\w+’-]*(?: \p{Lu}[\w+’-]*)*")]
    private static partial Regex ValuesOf();
}
