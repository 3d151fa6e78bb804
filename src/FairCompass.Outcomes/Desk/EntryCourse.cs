using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Planning.People;

namespace FairCompass.Outcomes.Desk;

/// <summary>Which way of a workout an entry runs.</summary>
public static class EntryCourse
{
    /// <summary>The index of its course and of its scores; -1 where the workout is not for it.</summary>
    /// <param name="u">The definition.</param>
    /// <param name="entry">The entry.</param>
    public static int IndexOf(Understanding u, Entry entry)
    {
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var address = u.Courses[i].Address;
            if (
                address.Division.Name == entry.Division
                && (address.Division.IsTeam || address.Duty?.Word() == entry.Members.Select(m => m.Duty).FirstOrDefault())
            )
            {
                return i;
            }
        }

        return -1;
    }
}
