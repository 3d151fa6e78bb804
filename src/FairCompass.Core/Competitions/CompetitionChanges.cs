namespace FairCompass.Core.Competitions;

/// <summary>Says in words what differs between two states of a competition.</summary>
public static class CompetitionChanges
{
    /// <summary>A sentence for each difference; empty when there is none.</summary>
    public static IReadOnlyList<string> Between(Competition before, Competition after)
    {
        var changes = new List<string>();
        Say("name", before.Name, after.Name);
        Say("first day", before.Starts, after.Starts);
        Say("last day", before.Ends, after.Ends);
        Say("place", before.Place, after.Place);
        Say("unit", before.Unit, after.Unit);
        foreach (var gone in before.Divisions.Where(d => after.Find(d.Name) is null))
        {
            changes.Add($"The division {gone.Name} was removed.");
        }

        foreach (var division in after.Divisions)
        {
            var old = before.Find(division.Name);
            if (old is null)
            {
                changes.Add($"The division {division.Name} was added.");
            }
            else if (old != division)
            {
                changes.Add($"The division {division.Name} was changed.");
            }
        }

        if (before.Kit != after.Kit)
        {
            changes.Add("The kit of a lane was changed.");
        }

        return changes;

        void Say<T>(string what, T old, T now)
        {
            if (!EqualityComparer<T>.Default.Equals(old, now))
            {
                changes.Add($"The {what} was changed from {old} to {now}.");
            }
        }
    }
}
