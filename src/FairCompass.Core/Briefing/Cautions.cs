using FairCompass.Core.Explaining;
using FairCompass.Core.Courses;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>
/// The usual cautions (common practice), chosen by the movements and kit of a workout. They remind; local rules and
/// qualified people decide.
/// </summary>
public static class Cautions
{
    /// <summary>Who decides, whatever the workout.</summary>
    public const string Always = "Anyone may stop a lane at any time. The medical lead decides, and local safety rules come before this page.";

    /// <summary>The cautions for a set of movements.</summary>
    /// <param name="movements">The movements that are done.</param>
    /// <param name="workout">The workout, for what depends on more than one movement.</param>
    public static IReadOnlyList<string> For(IReadOnlyCollection<Movement> movements, Workout workout)
    {
        var kits = movements.Select(m => m.Kit).ToHashSet();
        var cautions = new List<string>();
        if (kits.Contains(MovementKit.Barbell))
        {
            cautions.Add("Barbell: clips on, nobody in the space where a bar can fall, spare plates outside the lane.");
        }

        var pieces = PieceOfWork.Of(workout);
        if (pieces.Any(p => p.IsHeaviest))
        {
            cautions.Add("Heavy lifts after fatigue: the athlete chooses the load and may stop; rack pins and safety arms are checked before each heat.");
        }

        if (kits.Contains(MovementKit.Dumbbell))
        {
            cautions.Add("Dumbbells: put down, not thrown; handles and heads checked before the heat.");
        }

        if (kits.Contains(MovementKit.HangingBar))
        {
            cautions.Add("Hanging and swinging: bar, rig and mats checked; a step for short athletes; nobody walks under a swing.");
            if (pieces.Any(p => p.Goal == Goal.Reps))
            {
                cautions.Add("High volumes of pulling can break down muscle in people who are not used to them: dark urine in the days after is an emergency.");
            }
        }

        if (kits.Contains(MovementKit.Box) || kits.Contains(MovementKit.SandbagAndBox))
        {
            cautions.Add("Boxes: stable, dry, square to the line; stepping down is always allowed.");
        }

        if (kits.Contains(MovementKit.BarToClear))
        {
            cautions.Add("Jumping over a bar: it lies still first; loose plates are cleared away.");
        }

        if (kits.Contains(MovementKit.Wall))
        {
            cautions.Add("Upside down: free floor around the athlete, come down under control when the shoulders tire.");
        }

        if (kits.Contains(MovementKit.Machine))
        {
            cautions.Add("Machines: level and still, feet and laces clear, slow down before stepping off.");
        }

        if (kits.Contains(MovementKit.Kettlebell))
        {
            cautions.Add("Kettlebells: nobody stands before or behind a swing; handles dry.");
        }

        if (kits.Contains(MovementKit.Rings) || kits.Contains(MovementKit.ClimbingRope))
        {
            cautions.Add("Rings and ropes: anchors, straps and mats checked before each heat; nobody stands under an athlete.");
        }

        if (kits.Contains(MovementKit.TeamBag))
        {
            cautions.Add("Team bag: one voice gives the commands; who cannot hold says so before letting go.");
        }

        if (kits.Contains(MovementKit.BallAndTarget))
        {
            cautions.Add("Falling balls: keep the space under the target clear.");
        }

        cautions.Add(Always);
        return cautions;
    }
}
