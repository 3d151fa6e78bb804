using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Playing;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Competitions;

/// <summary>Entries of two to eight, with a duty for each place: on cards, for loads, when played and scored.</summary>
public class EntrySizesTests
{
    public static TheoryData<DivisionKind, int> Kinds =>
        new()
        {
            { DivisionKind.Pair, 2 },
            { DivisionKind.TeamOf3, 3 },
            { DivisionKind.TeamOf4, 4 },
            { DivisionKind.TeamOf5, 5 },
            { DivisionKind.TeamOf6, 6 },
            { DivisionKind.TeamOf7, 7 },
            { DivisionKind.TeamOf8, 8 },
        };

    private static Competition With(DivisionKind kind, params string[] seats) =>
        SaltmarshFerryGames.Competition with
        {
            Divisions = SaltmarshFerryGames
                .Competition.Divisions.Select(d => d.Name == "Crew of Four" ? d with { Kind = kind, Seats = seats.ToEq() } : d)
                .ToEq(),
        };

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Cards_of_made_up_workouts_score_what_was_seen(DivisionKind kind, int size)
    {
        var competition = With(kind);
        Assert.Equal(size, competition.Find("Crew of Four")!.Size);
        var (first, played) = (Environment.TickCount & 0xFFFF, 0);
        for (var seed = first; played < 12; seed++)
        {
            // Groups name places of a team of four.
            var text = PlausibleDrafts.Of(seed);
            if (!text.Contains("for Crew of Four", StringComparison.Ordinal) || text.Contains("groups", StringComparison.Ordinal))
            {
                continue;
            }

            var u = Understanding.Of(competition, text);
            var faults = CardAgainstRun.Faults(u, 1);
            Assert.True(faults.Count == 0, $"seed {seed}: {string.Join("; ", faults.Take(3))}\n{text}");
            played++;
        }
    }

    [Fact]
    public void Each_place_has_its_duty_on_the_card_and_in_the_loads()
    {
        var competition = With(DivisionKind.TeamOf5, "woman", "man", "woman", "man", "man");
        var u = Understanding.Of(
            competition,
            "T\n  for Crew of Four\n  a/b is man/woman\n\n"
                + "relay for reps, 1:00 each, change 0:10\n  rounds without end\n    5 power clean, 60/40 kg\n\n"
                + "score: reps\n  tie: shared\n"
        );
        var card = BriefText.Of(new BriefBuilder(u, "Crew of Four", new(2027, 6, 12)).Build(Audience.LaneCard));
        Assert.All(
            ["1st (woman)", "2nd (man)", "3rd (woman)", "4th (man)", "5th (man)"],
            seat => Assert.Contains(seat, card, StringComparison.Ordinal)
        );
        Assert.Equal(
            [40, 60, 40, 60, 60],
            Enumerable
                .Range(1, 5)
                .Select(s => new Address(competition.Find("Crew of Four")!, competition.Find("Crew of Four")!.DutyOf(s), s))
                .Select(a =>
                    u.Prescribed.First(p => p.Address.Duty == a.Duty && p.Prescription.Load is not null)
                        .Prescription.Load!.Value.Values.At(0)
                )
        );
    }

    [Theory]
    [InlineData(DivisionKind.Individual, "Who runs alone has no places.", "man")]
    [InlineData(DivisionKind.TeamOf3, "3 places, a duty for each.", "man", "woman")]
    [InlineData(DivisionKind.Pair, "child is none of the duties of this division.", "man", "child")]
    [InlineData(DivisionKind.Pair, "No place is a woman’s; leave woman out of the duties.", "man", "man")]
    public void Places_that_do_not_fit_are_refused(DivisionKind kind, string sentence, params string[] seats) =>
        Assert.Equal([("divisions[5].seats", sentence)], CompetitionRules.Validate(With(kind, seats)).Select(e => (e.Path, e.Message)));

    /// <summary>Places change what is printed, so they change the code; where the duties take turns nothing changes.</summary>
    [Fact]
    public void Places_are_part_of_the_code()
    {
        const string Text = "T\n  for Crew of Four\n  a/b is man/woman\n\n9:00 for reps\n  max sit-up\n\nscore: reps\n  tie: shared\n";
        string Code(Competition c) => Fingerprint.Of(Understanding.Of(c, Text)).ToString();
        Assert.NotEqual(Code(SaltmarshFerryGames.Competition), Code(With(DivisionKind.TeamOf4, "woman", "woman", "man", "man")));
        Assert.Equal(Code(SaltmarshFerryGames.Competition), Code(With(DivisionKind.TeamOf4)));
    }
}
