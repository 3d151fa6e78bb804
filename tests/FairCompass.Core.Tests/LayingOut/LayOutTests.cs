using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Tests.Truth;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.LayingOut;

/// <summary>The one list of what stands, hangs or lies in a lane.</summary>
public class LayOutTests
{
    private static List<LaneThing> Things(Understanding u) => [.. LayOut.Of(u.Competition, u.Courses, Tongue.English)];

    private static string Said(IEnumerable<LaneThing> things) =>
        string.Join("; ", things.Select(t => $"{t.Count} {t.Name.English}{(t.Size.Length > 0 ? " " + t.Size : "")}"));

    public static TheoryData<string> Movements => new(MovementLibrary.All.Select(m => m.Name.English));

    [Theory]
    [MemberData(nameof(Movements))]
    public void Every_movement_has_its_kit_on_the_sheet(string movement)
    {
        var trial = Trial.Tideline($"6:00 for reps\n  max {movement}\n" + Trial.ForReps);
        Assert.NotEmpty(Things(trial.Read));
        Assert.Contains("Lay out before the first heat", trial.Paper(Audience.FloorCrew), StringComparison.Ordinal);
    }

    /// <summary>Rower, bike, rig, rings, ropes, mats, wall, targets: nothing is forgotten because nobody said a load.</summary>
    [Fact]
    public void A_crew_finds_everything()
    {
        var trial = Trial.Crew(
            "12:00 for time\n  60 cal rowing machine\n  40 cal air bike\n  40 toes-to-bar\n  30 ring muscle-up\n  10 rope climb\n"
                + "  80 double-under\n  30 strict handstand push-up, line 70 mm below the wrists\n  60 sit-up\n"
                + "  40 wall-ball shot, 9/6 kg, target 3.00/2.75 m\n  share: one at a time, any split\n"
                + Trial.ForTime
        );
        var names = Things(trial.Read).Select(t => t.Name.English).ToHashSet();
        foreach (
            var thing in (string[])
                [
                    "rowing machine",
                    "air bike",
                    "bar to hang from, with a mat",
                    "pair of rings, with a mat",
                    "climbing rope, with a mat",
                    "skipping rope",
                    "wall place, with a mat",
                    "mat",
                    "ball",
                    "target",
                ]
        )
        {
            Assert.Contains(thing, names);
        }

        // One works at a time, so one of each is enough.
        Assert.All(Things(trial.Read), t => Assert.Equal(1, t.Count));
    }

    [Fact]
    public void A_heaviest_lift_of_a_pair_needs_both_bars_and_every_plate()
    {
        var trial = Trial.Pairs("6:00 for load\n  heaviest power snatch\n    share: one at a time\n" + Trial.ForLoads);
        var said = Said(Things(trial.Read));
        Assert.Contains("1 barbell 20 kg, up to 255 kg", said, StringComparison.Ordinal);
        Assert.Contains("1 barbell 15 kg, up to 250 kg", said, StringComparison.Ordinal);
        Assert.Contains("2 pair of clips", said, StringComparison.Ordinal);
        Assert.Contains("4 loose plate 20 kg", said, StringComparison.Ordinal);
        Assert.DoesNotContain("No load and no height", trial.Paper(Audience.FloorCrew), StringComparison.Ordinal);
    }

    /// <summary>Of a team each lifts the own load, so the bar of every duty stands in the lane, whoever is named first.</summary>
    [Theory]
    [InlineData("one at a time, any split", "barbell 60 kg 1, barbell 40 kg 1")]
    [InlineData("any number at a time", "barbell 60 kg 1, barbell 40 kg 1")]
    public void A_pair_has_the_bars_of_both(string share, string bars)
    {
        var trial = Trial.Pairs($"9:00 for time\n  20 power clean, 60/40 kg\n    share: {share}\n" + Trial.ForTime);
        Assert.Equal(
            bars,
            string.Join(
                ", ",
                Things(trial.Read)
                    .Where(t => t.Name.English == "barbell")
                    .OrderByDescending(t => t.Size)
                    .Select(t => $"{t.Name.English} {t.Size} {t.Count}")
            )
        );
    }

    /// <summary>Who take turns at one bar have it changed in between: it is one, with the loads of both.</summary>
    [Theory]
    [InlineData("one at a time, any split", "bar of 20 kg 60 kg, 40 kg 1")]
    [InlineData("any number at a time", "bar of 20 kg 60 kg 1, bar of 20 kg 40 kg 1")]
    public void One_bar_for_both_is_one_where_they_take_turns(string share, string bars)
    {
        var trial = Trial.Pairs($"9:00 for time\n  20 power clean, 60/40 kg, bar 20 kg\n    share: {share}\n" + Trial.ForTime);
        Assert.Equal(
            bars,
            string.Join(
                ", ",
                Things(trial.Read)
                    .Where(t => t.Size.Length > 0)
                    .OrderByDescending(t => t.Size)
                    .Select(t => $"{t.Name.English} {t.Size} {t.Count}")
            )
        );
    }

    [Theory]
    [InlineData("any number at a time", 2)]
    [InlineData("one at a time, any split", 1)]
    public void What_has_no_load_is_counted_by_who_works_at_once(string share, int machines)
    {
        var trial = Trial.Crew($"9:00 for time\n  40 cal rowing machine\n    share: {share}, by 2 members\n" + Trial.ForTime);
        Assert.Equal(machines, Things(trial.Read).Single(t => t.Name.English == "rowing machine").Count);
    }

    [Fact]
    public void A_pair_of_implements_is_two_and_what_all_use_together_is_one_for_each()
    {
        Assert.Contains(
            "2 kettlebell 24 kg",
            Said(Things(Trial.Tideline("8:00 for time\n  60 m farmer's carry, 2 x 24/16 kg, marks every 10 m\n" + Trial.ForTime).Read)),
            StringComparison.Ordinal
        );
        var pair = Trial.Pairs("8:00 for time\n  20 toes-to-bar\n    share: together at the touch\n" + Trial.ForTime);
        Assert.Contains("2 bar to hang from, with a mat", Said(Things(pair.Read)), StringComparison.Ordinal);
    }

    /// <summary>Stations at one time need their things at one time; the same machine in two windows is one machine.</summary>
    [Fact]
    public void What_is_used_at_once_is_counted_once_for_each_who_uses_it()
    {
        var rota = Things(Demo.Text("11"));
        Assert.Contains("1 rowing machine", Said(rota), StringComparison.Ordinal);
        var swing = Things(Demo.Text("15"));
        Assert.Contains("2 box 50 cm", Said(swing), StringComparison.Ordinal);
        Assert.Contains("1 air bike", Said(swing), StringComparison.Ordinal);
    }

    [Fact]
    public void A_hold_an_attempt_and_a_move_between_chunks_bring_their_kit()
    {
        Assert.Contains("1 mat", Said(Things(Demo.Text("12"))), StringComparison.Ordinal);
        Assert.Contains("pair of rings", Said(Things(Demo.Text("13"))), StringComparison.Ordinal);
        Assert.Contains("1 rack", Said(Things(Demo.Text("01"))), StringComparison.Ordinal);
        Assert.Contains("team bag", Said(Things(Demo.Text("10"))), StringComparison.Ordinal);
        var hang = Trial.Pairs(
            "9:00 for time\n  60 sit-up\n    share: one at a time, any split\n    hold: 1 crew-mate in dead hang, for every whole rep\n"
                + Trial.ForTime
        );
        Assert.Contains("bar to hang from", hang.Paper(Audience.FloorCrew), StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public void No_rule_is_printed_about_kit_that_is_not_there()
    {
        var bare = Trial.Tideline("6:00 for reps\n  max burpee\n" + Trial.ForReps).Paper(Audience.FloorCrew);
        foreach (var word in (string[])["late", "clips", "monitors", "first load"])
        {
            Assert.DoesNotContain(word, bare, StringComparison.Ordinal);
        }

        var bar = Trial.Tideline("6:00 for reps\n  max power clean, 60/40 kg\n" + Trial.ForReps).Paper(Audience.FloorCrew);
        Assert.Contains("inner plates stay on", bar, StringComparison.Ordinal);
        Assert.DoesNotContain("monitors", bar, StringComparison.Ordinal);
        Assert.Contains(
            "monitors to zero",
            Trial.Tideline("6:00 for reps\n  max cal air bike\n" + Trial.ForReps).Paper(Audience.FloorCrew),
            StringComparison.Ordinal
        );
    }

    /// <summary>Each kind of kit that a run’s tasks are done with is laid out, and none that no line of the workout asks for.</summary>
    [Fact]
    public void What_a_run_touches_is_laid_out_and_nothing_else()
    {
        foreach (var demo in DraftTexts.DemoNames)
        {
            var u = Understanding.Of(SaltmarshFerryGames.Competition, DraftTexts.Read(demo));
            var book = Core.InForce.StandardsBook.Of(u.Competition);
            MovementKit KitOf(string movement) => book.Find(movement)?.Kit ?? MovementKit.None;
            var asked = WorkoutWords.Movements(u.Workout).Select(m => KitOf(m.Name)).Append(MovementKit.None).ToHashSet();
            for (var i = 0; i < u.Courses.Count; i++)
            {
                var things = LayOut.Of(u.Competition, [u.Courses[i]], Tongue.English);
                var laid = things.Select(t => t.Kit).ToHashSet();
                var bars = u.Bars;
                Assert.True(laid.IsSubsetOf(asked), $"{string.Join(' ', laid.Except(asked))} of {demo}");
                var run = new Player(u, i, PaceTable.Usual).Play(3, (ulong)i);
                var state = PlayedCourse.Start(u.Courses[i], u.Sheets[i], run.End.Choices);
                foreach (var happening in run.Events)
                {
                    if (
                        happening.What is Happened.Done done
                        && state.Piece(done.Piece) is { } piece
                        && piece.Strand(done.Strand) is { Next: { } next } strand
                    )
                    {
                        var movement = piece.TaskAt(strand, next).Prescription.Movement.Value;
                        Assert.True(laid.Contains(KitOf(movement)), $"{movement} of {demo}");
                        // What this member lifts stands there with its mass; a ladder with all of its loads.
                        if (LaneKit.HasMasses(KitOf(movement)) || KitOf(movement) == MovementKit.Barbell)
                        {
                            var load = bars.LoadOf(piece, strand, done.Seat ?? next.Seat);
                            var stands = things.Any(t =>
                                t.Kit == KitOf(movement)
                                && (
                                    t.Size.Contains("...", StringComparison.Ordinal)
                                    || t.Size.Split(' ', '-').Contains(Number.Normal(load ?? 0), StringComparer.Ordinal)
                                )
                            );
                            Assert.True(
                                load is null || stands,
                                $"{load} of {movement} of {u.Courses[i].Address} of {demo}: {string.Join(", ", things.Select(t => t.Size))}"
                            );
                        }
                    }

                    state = state.After(happening);
                }
            }
        }
    }
}
