using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Publishing;
using FairCompass.Core.Workouts;
using FairCompass.Planning.People;

namespace FairCompass.Outcomes.Desk;

/// <summary>Which way of a workout an entry runs.</summary>
public static class EntryCourse
{
    /// <summary>The index of its course and of its scores, of the first level while nobody has said which; -1 where the workout is not for
    /// it.</summary>
    /// <param name="u">The definition.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="said">The level that its card says; empty for the one it is entered for.</param>
    public static int IndexOf(Understanding u, Entry entry, string said = "")
    {
        var level = LevelOf(u, entry, said);
        for (var i = 0; i < u.Courses.Count; i++)
        {
            if (IsOf(u.Courses[i].Address, entry) && (level is null or "" || u.Courses[i].Address.Level == level))
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>The level that an entry does of a workout: as its card says, else as it is entered; empty while neither names one of the
    /// workout’s, null where the workout has none.</summary>
    /// <param name="u">The definition.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="said">The level that its card says; empty for the one it is entered for.</param>
    public static string? LevelOf(Understanding u, Entry entry, string said = "")
    {
        if (u.Resolver.Levels.Count == 0)
        {
            return null;
        }

        var wanted = NameList.Key(said.Length > 0 ? said : entry.Level);
        return u.Resolver.Levels.FirstOrDefault(l => NameList.Key(l) == wanted) ?? "";
    }

    /// <summary>True where each level has a board of its own.</summary>
    /// <param name="u">The definition.</param>
    public static bool HasBoards(Understanding u) => u.Workout.Headers.OfType<Header.Levels>().Any(l => l.BoardEach);

    private static bool IsOf(Address address, Entry entry) =>
        address.Division.Name == entry.Division
        && (address.Division.IsTeam || address.Duty?.Word() == entry.Members.Select(m => m.Duty).FirstOrDefault());
}
