namespace FairCompass.Access;

/// <summary>What each role may do: the one table that every operation is held against and that <c>docs/access.md</c> prints.</summary>
public static class RoleRights
{
    private static readonly Right[] Floor = [Right.ReadPublished];
    private static readonly Right[] OnTheDay = [.. Floor, Right.SeeField];
    private static readonly Right[] Desk = [.. OnTheDay, Right.Look, Right.SeeMeasured];
    private static readonly Right[] Author = [.. OnTheDay, Right.Look, Right.Write, Right.Train];

    private static readonly Dictionary<Role, IReadOnlySet<Right>> Table = new()
    {
        // Whose eyes see what is between a judge and the head judge.
        [Role.Organiser] = Enum.GetValues<Right>().Where(r => OfCompetition(r) && r != Right.SeeEyes).ToHashSet(),
        [Role.HeadJudge] = Enum.GetValues<Right>().Where(r => OfCompetition(r) && r != Right.Manage).ToHashSet(),
        [Role.CoAuthor] = Author.ToHashSet(),
        [Role.Measurer] = new HashSet<Right>([.. Desk, Right.Measure]),
        [Role.ScoreDesk] = new HashSet<Right>([.. Desk, Right.TrackCards, Right.EnterScores]),
        [Role.Judge] = new HashSet<Right>([.. OnTheDay, Right.Train]),
        [Role.Caller] = OnTheDay.ToHashSet(),
        [Role.Crew] = OnTheDay.ToHashSet(),
        [Role.Reader] = Floor.ToHashSet(),
    };

    /// <summary>True for a right that somebody has in one competition and not in another.</summary>
    /// <param name="right">The right.</param>
    public static bool OfCompetition(Right right) => right > Right.Account;

    /// <summary>What a role may do in its competition.</summary>
    /// <param name="role">The role.</param>
    public static IReadOnlySet<Right> Of(Role role) => Table[role];

    /// <summary>True where one of the roles has the right.</summary>
    /// <param name="roles">What somebody is in the competition; nothing for a stranger.</param>
    /// <param name="right">A right within a competition.</param>
    public static bool Allow(IEnumerable<Role> roles, Right right) => roles.Any(r => Table[r].Contains(right));

    /// <summary>The roles that a link may give instead of an account: they change nothing.</summary>
    public static IReadOnlyList<Role> ByLink { get; } = [Role.Judge, Role.Caller, Role.Crew, Role.Reader];
}
