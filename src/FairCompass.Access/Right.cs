namespace FairCompass.Access;

/// <summary>What an operation needs. Each operation of the application declares exactly one; what declares none is closed to all.</summary>
public enum Right
{
    /// <summary>Nothing: it is answered to everybody, as what a printed code leads to.</summary>
    Nobody,

    /// <summary>To use a calculator, which stores nothing: anybody on this machine, and everybody who is signed in.</summary>
    Calculate,

    /// <summary>To be signed in, whatever the role.</summary>
    Account,

    /// <summary>To read what is published in a competition.</summary>
    ReadPublished,

    /// <summary>To look at drafts, standards, checks, papers and versions, and to take them along as files.</summary>
    Look,

    /// <summary>To change drafts.</summary>
    Write,

    /// <summary>To change what holds for the whole competition: divisions, kit, policies, standards.</summary>
    Settle,

    /// <summary>To publish versions.</summary>
    Publish,

    /// <summary>To see questions with who asked them, answer them, and see who has confirmed.</summary>
    Answer,

    /// <summary>To see what was measured of athletes, which is personal.</summary>
    SeeMeasured,

    /// <summary>To write down what was measured.</summary>
    Measure,

    /// <summary>To give links that judges and readers open.</summary>
    GiveLinks,

    /// <summary>To see who competes and who judges, the plan of the days, and the cards; without what is nobody’s business.</summary>
    SeeField,

    /// <summary>To see how athletes are reached.</summary>
    SeeContacts,

    /// <summary>To enter athletes, teams and judges, and to say who is late or does not start.</summary>
    EnterPeople,

    /// <summary>To make and change the plan of the days, and to print cards.</summary>
    PlanDay,

    /// <summary>To say where a card is.</summary>
    TrackCards,

    /// <summary>To type in what stands on cards, and to correct it.</summary>
    EnterScores,

    /// <summary>To decide incidents, to make results final, and to say by which rules they are scored.</summary>
    DecideResults,

    /// <summary>To train one’s own eyes, and to see what was found of them.</summary>
    Train,

    /// <summary>To see what was found of every judge’s eyes, and to say what is asked of them: the head judge alone.</summary>
    SeeEyes,

    /// <summary>To invite people, change what they are, and see what was done.</summary>
    Manage,
}
