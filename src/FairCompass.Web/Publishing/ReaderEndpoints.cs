using FairCompass.Access;
using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;
using FairCompass.Core.Text;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Publishing;

/// <summary>What readers of a published version do: ask, read answers, confirm; and what the head judge does with it.</summary>
public static class ReaderEndpoints
{
    /// <summary>How often a change is tried again when somebody else was faster.</summary>
    private const int Attempts = 12;

    /// <summary>Maps the addresses.</summary>
    public static void MapReaders(this WebApplication app)
    {
        var codes = app.MapGroup("/api/published/{code}").WithTags("Readers");
        codes
            .MapPost("/questions", Ask)
            .Needs(Right.Nobody)
            .WithSummary("Asks on a line; a sender may ask five times in ten minutes (429 after that).");
        codes
            .MapGet("/questions", Public)
            .Needs(Right.Nobody)
            .WithSummary("The questions on this workout that readers may see, with their answers, without contacts.");
        codes.MapGet("/quiz", ReadQuiz).Needs(Right.Nobody).WithSummary("Three questions out of the fault table, for a judge.");
        codes.MapPost("/confirm", Confirm).Needs(Right.Nobody).WithSummary("Confirms by name that this version was read and understood.");
        var workouts = app.MapGroup("/api/workouts/{id:guid}").WithTags("Readers");
        workouts.MapGet("/questions", ToAnswer).Needs(Right.Answer).WithSummary("The questions on a workout, for the head judge.");
        workouts.MapGet("/confirmations", Confirmed).Needs(Right.Answer).WithSummary("Who has confirmed which version.");
        workouts
            .MapPost("/confirmations/compare", Compare)
            .Needs(Right.Answer)
            .WithSummary("Compares who has confirmed a version with a list of names.");
        app.MapPut("/api/questions/{question:guid}/shown", Show)
            .WithTags("Readers")
            .Needs(Right.Answer, "let a question be seen, or not")
            .WithSummary("Lets readers see a question that is not answered, or takes it from their sight.");
        app.MapPost("/api/questions/{question:guid}/answer", Answer)
            .WithTags("Readers")
            .Needs(Right.Answer, "answered a question")
            .WithSummary("Answers a question once; a ruling becomes a clause and makes a new version.");
    }

    private static async Task<Results<NoContent, NotThere, TooOften, FieldsRefused>> Ask(
        string code,
        AskOnLine ask,
        RequestKey key,
        HttpContext http,
        PublishedStore published,
        QuestionStore questions,
        DayKeys days,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } version)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        if (ask.Body.Trim().Length == 0)
        {
            return new FieldsRefused("body", "Write your question.");
        }

        if (
            (
                PublishingEndpoints.Words("body", ask.Body, 600)
                ?? PublishingEndpoints.Words("line", ask.Line, 400)
                ?? PublishingEndpoints.Words("name", ask.Name, 80)
                ?? PublishingEndpoints.Words("contact", ask.Contact, 120)
            ) is
            { } wrong
        )
        {
            return wrong;
        }

        return
            await questions.Ask(
                new(version.Id, ask.Line.Trim(), ask.Body.Trim(), ask.Name.Trim(), ask.Contact.Trim()),
                await days.Sender(Addresses.Of(http), cancel),
                key.Value,
                cancel
            )
                is null
            ? new TooOften(
                "You have asked a lot in a short time.",
                detail: $"Five questions in ten minutes and {QuestionStore.InADay} a day are taken from one sender. Wait a little; "
                    + "nothing you asked before is lost."
            )
            : TypedResults.NoContent();
    }

    private static async Task<Results<Ok<IReadOnlyList<PublicQuestion>>, NotThere, FieldsRefused>> Public(
        string code,
        PublishedStore published,
        QuestionStore questions,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } version)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        return TypedResults.Ok<IReadOnlyList<PublicQuestion>>(
            (await questions.Of(version.WorkoutId, cancel))
                .Where(q => q.Shown)
                .Select(q => new PublicQuestion(q.Number, q.Line, q.Body, q.AskedBy, q.At, q.Answer, q.RulingIn, q.AnsweredAt))
                .ToList()
        );
    }

    private static async Task<Ok<IReadOnlyList<QuestionToAnswer>>> ToAnswer(Guid id, QuestionStore questions, CancellationToken cancel)
    {
        var all = await questions.Of(id, cancel);
        return TypedResults.Ok<IReadOnlyList<QuestionToAnswer>>(
            all.Select(q => new QuestionToAnswer(
                    q,
                    q.Answer is not null
                        ? []
                        : all.Where(o => o.Answer is not null)
                            .Select(o => (o, Likeness: Similarity.Of(q.Body + " " + q.Line, o.Body + " " + o.Line)))
                            .Where(x => x.Likeness >= 0.2m)
                            .OrderByDescending(x => x.Likeness)
                            .Take(3)
                            .Select(x => new EarlierRuling(x.o.Body, x.o.Answer!, x.o.RulingIn))
                            .ToList()
                ))
                .ToList()
        );
    }

    private static async Task<Results<Ok<AskedQuestion>, NotThere, Conflicting, FieldsRefused>> Answer(
        Guid question,
        AnswerQuestion answer,
        QuestionStore questions,
        PublishedStore published,
        WorkoutStore workouts,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        if (Objection(answer) is { } wrong)
        {
            return wrong;
        }

        // Another answer or ruling may be stored meanwhile; this one is then made over it, so that neither is lost.
        for (var attempt = 0; attempt < Attempts; attempt++)
        {
            if (await questions.Find(question, cancel) is not { } asked)
            {
                return NotThere.Gone("question");
            }

            if (asked.Question.Answer is { } given)
            {
                // The same answer sent again, because the first one’s arrival was never heard of, is no other answer.
                return given == answer.Body.Trim() && asked.Question.RulingIn is null == answer.Ruling is null
                    ? TypedResults.Ok(asked.Question)
                    : new Conflicting("This question was answered before.", detail: given);
            }

            if (answer.Ruling is { } ruling)
            {
                var (gone, refused) = await Rule(asked.Workout, question, answer.Body.Trim(), ruling, published, workouts, time, cancel);
                if (gone is not null)
                {
                    return gone;
                }

                if (refused is not null)
                {
                    return refused;
                }
            }
            else
            {
                await questions.Answer(question, answer.Body.Trim(), cancel);
            }
        }

        return new Conflicting(
            "Other rulings are being published just now, or the draft is being changed all the time.",
            detail: "Answer once more; nothing was changed."
        );
    }

    private static async Task<NoContent> Show(Guid question, ShowQuestion show, QuestionStore questions, CancellationToken cancel)
    {
        await questions.Show(question, show.Shown, cancel);
        return TypedResults.NoContent();
    }

    private static FieldsRefused? Objection(AnswerQuestion answer)
    {
        return answer.Body.Trim().Length == 0
            ? new FieldsRefused("body", "Write the answer.")
            : PublishingEndpoints.Words("body", answer.Body, 1200)
                ?? (answer.Ruling is { } r ? PublishingEndpoints.Words("ruling.holdsFrom", r.HoldsFrom, 120) : null);
    }

    /// <summary>Makes a ruling over what is stored now, and stores version, draft and answer together; no refusal when it was stored, or
    /// when something else was faster.</summary>
    private static async Task<(NotThere? Gone, FieldsRefused? Refused)> Rule(
        Guid workout,
        Guid question,
        string answer,
        Ruling ruling,
        PublishedStore published,
        WorkoutStore workouts,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        if (await workouts.Find(workout, cancel) is not { } found)
        {
            return (NotThere.Gone("workout"), null);
        }

        var newest = (await published.Of(workout, cancel))[0];
        var made = Rulings.Make(
            await published.Document(newest.Id, cancel),
            found.Draft.Value,
            ruling.Movement,
            ruling.Text,
            await published.NextRuling(workout, cancel),
            DateOnly.FromDateTime(time.GetLocalNow().Date)
        );
        if (made.Value is not { } now)
        {
            return (null, new(made.Refused!));
        }

        var what = new ToPublish(
            workout,
            question,
            Fingerprint.Of(now.Document.Understand()),
            now.Document,
            ruling.HoldsFrom.Trim(),
            $"Ruling {now.Number}: {ruling.Text.Trim()}"
        );
        var over = new RulingToStore(newest.Number, now.Number, question, answer, found.Draft.Revision, now.Draft);
        return await published.Rule(what, over, cancel) is PublishResult.Gone ? (NotThere.Gone("workout"), null) : (null, null);
    }

    private static async Task<Results<Ok<IReadOnlyList<QuizQuestion>>, NotThere, FieldsRefused>> ReadQuiz(
        string code,
        string name,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } version)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        if (NameObjection(name) is { } objection)
        {
            return objection;
        }

        var asked = Quiz.For(await drafts.OpenPublished(version.Id, cancel), NameList.Key(name)).Questions;
        return TypedResults.Ok<IReadOnlyList<QuizQuestion>>(asked.ToList());
    }

    /// <summary>Wrong answers that a name may give to a version’s questions in ten minutes; beyond them it is guessing.</summary>
    private const int WrongInTenMinutes = 5;

    private static async Task<Results<NoContent, NotThere, Conflicting, TooOften, FieldsRefused>> Confirm(
        string code,
        ConfirmReading confirm,
        HttpContext http,
        Visitor visitor,
        OpenDrafts drafts,
        PublishedStore published,
        QuestionStore questions,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } version)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        // Who is signed in confirms for themselves, whatever name was sent.
        var who = await visitor.Ask(http);
        var name = who?.Name ?? confirm.Name.Trim();
        if (NameObjection(name) is { } objection)
        {
            return objection;
        }

        if (confirm.Judge)
        {
            var (_, right) = Quiz.For(await drafts.OpenPublished(version.Id, cancel), NameList.Key(name));
            if (confirm.Answers.Count != right.Count)
            {
                return new FieldsRefused("answers", $"Answer all {right.Count} questions.");
            }

            if (await questions.Wrong(version.Id, NameList.Key(name), cancel) >= WrongInTenMinutes)
            {
                return new TooOften("Too many wrong answers.", detail: "Read the no-rep tables, and try again in ten minutes.");
            }

            if (!confirm.Answers.SequenceEqual(right))
            {
                await questions.AddWrong(version.Id, NameList.Key(name), cancel);
                return new FieldsRefused("answers", "Not every call is right. Read the no-rep tables once more.");
            }
        }

        return await questions.Confirm(version.Id, new(NameList.Key(name), name, confirm.Judge, who?.Account, who?.Link), cancel)
            ? TypedResults.NoContent()
            : new Conflicting(
                $"{name} has confirmed version {version.Number} before.",
                detail: "Nothing more is needed. If somebody else has this name, add a letter or the gym."
            );
    }

    private static async Task<Ok<IReadOnlyList<Confirmation>>> Confirmed(Guid id, QuestionStore questions, CancellationToken cancel) =>
        TypedResults.Ok(await questions.Confirmed(id, cancel));

    private static async Task<Ok<NamesCompared>> Compare(
        Guid id,
        CompareNames compare,
        QuestionStore questions,
        CancellationToken cancel
    ) =>
        TypedResults.Ok(
            NameList.Compare(
                compare.Pasted,
                (await questions.Confirmed(id, cancel)).Where(c => c.Number == compare.Number).Select(c => c.Name).ToList()
            )
        );

    private static FieldsRefused? NameObjection(string name) =>
        Core.InForce.CompetitionRules.NameError(name, 80, required: true) is { } objection
        || NameList.Key(name).Length == 0 && (objection = "A name is needed.") is not null
            ? new FieldsRefused([new("name", objection!)])
            : null;
}
