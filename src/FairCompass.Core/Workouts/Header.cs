using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>A line under the title.</summary>
public abstract record Header : Node
{
    private Header() { }

    /// <summary><c>for Tideline, Meadow</c>: the divisions that do this workout.</summary>
    public sealed record For(Eq<Who> Names) : Header;

    /// <summary><c>a/b is man/woman</c>: the order of the two values of a pair.</summary>
    public sealed record Order(DutyOrder Duties) : Header;

    /// <summary><c>levels Great Bell, Hand Bell, a board each</c>.</summary>
    public sealed record Levels(Eq<Who> Names, bool BoardEach) : Header;

    /// <summary><c>groups One 1 2, Two 3 4</c>: a partition of the seats of the team.</summary>
    public sealed record Groups(Eq<Group> Items) : Header;

    /// <summary><c>seats man, woman, man, woman</c>: the duty of each place in the team.</summary>
    /// <param name="Duties">From the first place on; empty for <c>free, told at check-in</c>.</param>
    public sealed record Seats(Eq<string> Duties) : Header;

    /// <summary><c>entries man, woman, mixed, ranked together</c>: how entries of one division may be made up.</summary>
    /// <param name="Makes">Some of <c>man</c>, <c>woman</c>, <c>mixed</c>.</param>
    /// <param name="Apart">True for <c>ranked apart</c>, false for <c>ranked together</c>; null when not written.</param>
    public sealed record Entries(Eq<string> Makes, bool? Apart) : Header;

    /// <summary><c>video: a rep that cannot be verified is no rep</c>.</summary>
    /// <param name="NoRep">True for <c>no rep</c>, false for <c>undecided</c>.</param>
    public sealed record Video(bool NoRep) : Header;

    /// <summary><c>lead-in 0:10</c>: counted down on the clock before 0:00.</summary>
    /// <param name="Time">How long; null when <c>unset</c>.</param>
    public sealed record LeadIn(Duration? Time) : Header;

    /// <summary><c>judges: work by post 1, hold by post 2</c>: which judge of a lane watches what.</summary>
    /// <param name="Watches">In the order in which they were written; what is not named is watched as without the line.</param>
    public sealed record Judges(Eq<Watch> Watches) : Header;
}

/// <summary>A named group of seats of a team.</summary>
/// <param name="Name">One word.</param>
/// <param name="Seats">Places in the team, from 1.</param>
public sealed record Group(string Name, Eq<int> Seats);

/// <summary>What a judge watches.</summary>
public enum Watched
{
    /// <summary>What is counted, wherever no post is named for its station.</summary>
    Work,

    /// <summary>A position that a crew-mate holds.</summary>
    Hold,

    /// <summary>One station, or one part.</summary>
    Station,
}

/// <summary>What one post of a lane watches.</summary>
/// <param name="Of">What kind of thing.</param>
/// <param name="Station">The name of the station; null for the others.</param>
/// <param name="Post">The number of the post, from 1.</param>
public sealed record Watch(Watched Of, string? Station, int Post);
