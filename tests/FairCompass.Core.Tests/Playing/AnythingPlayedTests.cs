using CsCheck;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Tests.Notation;
using FairCompass.Play;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>Whatever somebody types is played to its end, or not at all: no rule of a text brings the player to a stop.</summary>
public class AnythingPlayedTests
{
    [Fact]
    public void Any_generated_workout() => WorkoutGen.Any.Sample(w => Plays(Printer.Print(w)), iter: Depth.Times(100, 300));

    [Fact]
    public void Any_mutated_demo_workout() => MutatedDemo.Any.Sample(Plays, iter: Depth.Times(100, 300));

    private static void Plays(string text)
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, text);
        // Entries of one text differ in loads and amounts, hardly in what can happen: two of them are enough.
        for (var i = 0; i < u.Courses.Count; i += Math.Max(1, u.Courses.Count / 2))
        {
            // The limit is for a run that never ends; a busy machine is slow, not wrong.
            using var limit = new CancellationTokenSource(TimeSpan.FromMinutes(3));
            var run = new Player(u, i, PaceTable.Usual).Play(1, (ulong)i, limit.Token);
            // Nobody is left in the middle of anything when nothing more can happen.
            Assert.True(
                run.Events.Count >= Player.MostEvents || run.End.Pieces.All(p => p.Phase is not (PiecePhase.Open or PiecePhase.Resting)),
                text
            );
        }
    }
}
