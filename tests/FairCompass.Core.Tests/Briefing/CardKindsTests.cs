using FairCompass.Core.Briefing;
using FairCompass.Core.Tests.Truth;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>What the card of each kind of work cannot do without (common practice of head judges): the place where a judge needs it, and
/// no second blank for it.</summary>
public class CardKindsTests
{
    public static TheoryData<string, string, string, string[]> Kinds =>
        new()
        {
            {
                "falling sets with a load that changes, and a tie on the way",
                "Tideline",
                "9:00 for time\n  3 rounds\n    10 deadlift, 60-70-80/40-50-60 kg\n    15 burpee\n    re-rig: by the athlete\n\n"
                    + "score: time\n  unfinished: cap line by reps\n  tie: time at round 2\n",
                ["60-70-80 kg: bar 20, each side 20 to begin with", "Round 2, 70 kg: on 5 a side", "□ 75", "Clock at the end of the round"]
            },
            {
                "rounds without end",
                "Tideline",
                "3:00 for reps\n  rounds without end\n    12 sit-up\n    9 burpee\n" + Trial.ForReps,
                ["Round 3", "□ 33"]
            },
            {
                "a list with a checkpoint",
                "Tideline",
                "14:00 for time\n  60 sit-up\n  checkpoint Deck\n  40 burpee\n\nscore: time\n  unfinished: cap line by reps\n"
                    + "  tie: time at Deck\n",
                ["□ 10 | □ 20 | □ 30 | □ 40 | □ 50 | □ 60", "Checkpoint Deck |  |  |  |  |  | __:__"]
            },
            {
                "a gate",
                "Tideline",
                "9:00 for time\n  30 sit-up\n  gate, adds 1:00\n  40 burpee\n" + Trial.ForTime,
                ["Gate, adds 1:00: passed □ at ____"]
            },
            {
                "intervals with something first",
                "Tideline",
                "9:00 for time\n  every 1:30, unfinished carries over\n    first\n      12/10 cal rowing machine\n    then\n"
                    + "      50 sit-up\n"
                    + Trial.ForTime,
                ["Interval 6", "□ 72", "1, to 1:30", "Count at the end of the interval", "Monitor of the rowing machine, after"]
            },
            {
                "a list that begins anew every minute",
                "Tideline",
                "10:00 for reps\n  every 1:00, unfinished is lost\n    12 sit-up\n    6 burpee\n" + Trial.ForReps,
                ["| 10 | 9:00 | □ 12 | □ 18 | □ | ____ of 18 | □ |"]
            },
            {
                "a menu",
                "Tideline",
                "9:00 for reps\n  rounds without end\n    12 front-rack lunge, 50/35 kg, from the rack\n"
                    + "      choose: 16, 40/27.5 kg, credited 12\n"
                    + "    10 burpee\n"
                    + Trial.ForReps,
                ["A 12 front-rack lunge, 50 kg; B 16 front-rack lunge, 40 kg", "□ A B"]
            },
            {
                "rests of one’s own",
                "Tideline",
                "9:00 for time\n  30 sit-up\n  own rest 1:00\n  40 burpee\n" + Trial.ForTime,
                ["Finished at | May restart at", "+ 1:00"]
            },
            {
                "a relay",
                "Crew of Four",
                "relay for reps, 2:00 each, change 0:30\n  rounds without end\n    10 sit-up\n    6 burpee\n" + Trial.ForReps,
                ["1st member: running totals", "4th member: running totals", "4th (woman): "]
            },
            {
                "heaviest, of a pair",
                "Ferry Pairs",
                "6:00 for load\n  heaviest power clean, start 60/40 kg, 3 attempts\n\nscore: sum of best loads\n"
                    + "  no good lift: zero\n  tie: shared\n",
                [
                    "Try | Lifter | Load | Made | Missed | Clock",
                    "| 6 | 2nd |  | □ | □ |  |",
                    "On the bar at the start: 60 kg (1st), 40 kg (2nd)",
                    "Best of the 2nd",
                    "Together, for the desk",
                ]
            },
            {
                "a hold and a least share",
                "Ferry Pairs",
                "9:00 for time\n  60 sit-up\n    hold: 1 crew-mate in dead hang, for every whole rep\n"
                    + "    share: one at a time, at least 20 each\n"
                    + Trial.ForTime,
                ["dead hang: on and off", "broken □", "1st □ 2nd □"]
            },
        };

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_kind_of_work_has_its_places(string kind, string division, string work, string[] places)
    {
        var card = Card($"Draft\n  for {division}\n  a/b is man/woman\n\n" + work);
        Assert.All(places, place => Assert.True(card.Contains(place, StringComparison.Ordinal), $"{kind} lacks “{place}”:\n{card}"));
    }

    private static string Card(string draft) =>
        BriefMarkdown
            .Write(new BriefBuilder(Trial.Of(draft).Read, null, new(2026, 6, 6)).Build(Audience.LaneCard))
            .Replace("\\", "", StringComparison.Ordinal);

    /// <summary>A clock that has its box in the table is not asked for below it once more.</summary>
    [Fact]
    public void A_checkpoint_is_asked_for_once()
    {
        var work = "14:00 for time\n  3 rounds\n    20 sit-up\n    checkpoint Deck, round 2 only\n    10 burpee\n";
        var card = Card(
            "Draft\n  for Tideline\n  a/b is man/woman\n\n" + work + "\nscore: time\n  unfinished: cap line by reps\n  tie: time at Deck\n"
        );
        Assert.Equal(2, card.Split("lock at Deck", StringSplitOptions.None).Length - 1);
    }
}
