using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Store.Demo;
using FairCompass.Web.Access;
using FairCompass.Web.Briefs;
using FairCompass.Web.Calculators;
using FairCompass.Web.Comparing;
using FairCompass.Web.Competitions;
using FairCompass.Web.Day;
using FairCompass.Web.Desk;
using FairCompass.Web.Drafting;
using FairCompass.Web.Exchange;
using FairCompass.Web.Hosting;
using FairCompass.Web.Live;
using FairCompass.Web.Measuring;
using FairCompass.Web.Natural;
using FairCompass.Web.Opening;
using FairCompass.Web.Playing;
using FairCompass.Web.Publishing;
using FairCompass.Web.Scoring;
using FairCompass.Web.Standards;
using FairCompass.Web.Standings;
using FairCompass.Web.Training;
using Microsoft.AspNetCore.HttpOverrides;
using Npgsql;

var builder = WebApplication.CreateBuilder(args);
var describing = System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";
builder.WebHost.ConfigureKestrel(k =>
{
    k.Limits.MaxRequestBodySize = Limits.BodyBytes;
    k.AddServerHeader = false;
});
builder.Services.ConfigureHttpJsonOptions(o => ApiJson.Configure(o.SerializerOptions));
builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
builder.Services.AddProblemDetails();
builder.Services.AddExceptionHandler<Problems>();
builder.Services.AddOpenApi("v1", ApiDocument.Configure);
builder.Services.AddRateLimiter(o => Limits.Set(o, builder.Configuration.GetValue("Limits", true)));
builder.Services.AddRequestTimeouts(Limits.Times);
builder.Services.AddOutputCache(o => o.SizeLimit = Limits.KeptBytes);
builder.AddTelling();
builder.Services.AddCompression();
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(s => Connections.Of(s.GetRequiredService<IConfiguration>()));
builder.Services.AddSingleton(s =>
    NpgsqlDataSource.Create(
        s.GetRequiredService<Connections>().Daily
            ?? throw new InvalidOperationException("There is no connection string FairCompass, so nothing is stored; ./run sets it.")
    )
);
builder.Services.AddSingleton<CompetitionStore>();
builder.Services.AddSingleton<WorkoutStore>();
builder.Services.AddSingleton<PublishedStore>();
builder.Services.AddSingleton<QuestionStore>();
builder.Services.AddSingleton<DayKeys>();
builder.Services.AddSingleton<MeasurementStore>();
builder.Services.AddSingleton(_ => PublicAddress.Of(builder.Configuration));
builder.Services.AddSingleton<AccountStore>();
builder.Services.AddSingleton<SessionStore>();
builder.Services.AddSingleton<PassStore>();
builder.Services.AddSingleton<LinkStore>();
builder.Services.AddSingleton<OwnerStore>();
builder.Services.AddSingleton<DoneStore>();
builder.Services.AddSingleton<EntryStore>();
builder.Services.AddSingleton<OfficialStore>();
builder.Services.AddSingleton<PlanStore>();
builder.Services.AddSingleton<PlanSearchStore>();
builder.Services.AddSingleton<KeptStore>();
builder.Services.AddSingleton<ScoreStore>();
builder.Services.AddSingleton<PhotoStore>();
builder.Services.AddSingleton<TrainingStore>();
builder.Services.AddSingleton<TogetherStore>();
builder.Services.AddSingleton<FloorRepStore>();
builder.Services.AddSingleton<Trainings>();
builder.Services.AddSingleton<DeskCards>();
builder.Services.AddSingleton<ResultStore>();
builder.Services.AddSingleton<DayBases>();
builder.Services.AddSingleton<CardRuns>();
builder.Services.AddSingleton<ResultBook>();
builder.Services.AddSingleton<StatementStore>();
builder.Services.AddSingleton<StatementTraining>();
builder.Services.AddSingleton<DriftAdvice>();
builder.Services.AddSingleton<StatementBook>();
builder.Services.AddSingleton<IncidentPages>();
builder.Services.AddSingleton<PlanSearches>();
builder.Services.AddSingleton<CardStore>();
builder.Services.AddSingleton<FeedStore>();
builder.Services.AddSingleton<Fields>();
builder.Services.AddPasskeys();
builder.Services.AddSingleton<PersonalStore>();
builder.Services.AddSingleton<Passphrases>();
builder.Services.AddSingleton<LastKnown>();
builder.Services.AddScoped<Visitor>();
builder.Services.AddSingleton<CompetitionCache>();
builder.Services.AddSingleton(s => new Lazy<CompetitionCache>(s.GetRequiredService<CompetitionCache>));
builder.Services.AddSingleton(s => new Lazy<ResultBook>(s.GetRequiredService<ResultBook>));
builder.Services.AddSingleton<Changes>();
builder.Services.AddSignalR().AddJsonProtocol(o => ApiJson.Configure(o.PayloadSerializerOptions));
builder.Services.AddHostedService<ResultsPusher>();
builder.Services.AddHostedService<Told>();
builder.Services.AddSingleton<OpenDrafts>();
builder.Services.AddSingleton<PlayQueue>();

var app = builder.Build();
var connections = app.Services.GetRequiredService<Connections>();
var connection = connections.Daily;
if (!describing && connection is not null)
{
    connections.Migrate();
    Guid? seeded = null;
    if (builder.Configuration.GetValue("Demo", false))
    {
        var readers = ActivatorUtilities.CreateInstance<SaltmarshReaders>(app.Services);
        var made = await SaltmarshFerryGames.SeedIfEmpty(
            app.Services.GetRequiredService<CompetitionStore>(),
            readers,
            CancellationToken.None
        );
        if (made is { } demo)
        {
            var people = ActivatorUtilities.CreateInstance<SaltmarshPeople>(app.Services);
            await ActivatorUtilities.CreateInstance<DemoPlan>(app.Services, people).Seed(demo, CancellationToken.None);
            seeded = demo;
        }
    }

    if (await FirstPeople.Prepare(app.Services, builder.Configuration.GetValue("Demo", false), CancellationToken.None) is { } path)
    {
        app.Lifetime.ApplicationStarted.Register(() =>
            Console.WriteLine(
                $"Nobody can sign in yet. Open once: {app.Services.GetRequiredService<PublicAddress>().Outside ?? app.Urls.First()}{path}"
            )
        );
    }

    // Its accounts are there now, to type and decide as people do.
    if (seeded is { } games && builder.Configuration.GetValue("DemoResults", true))
    {
        var (desk, second) = (FirstPeople.DemoName(Role.ScoreDesk), FirstPeople.DemoName(Role.HeadJudge));
        await ActivatorUtilities.CreateInstance<DemoResults>(app.Services).Run(games, desk, second, CancellationToken.None);
    }
}

if (!describing)
{
    Warm.Up();
}

var own = app.Services.GetRequiredService<PublicAddress>();
own.Check((builder.Configuration["urls"] ?? "").Split(';', StringSplitOptions.RemoveEmptyEntries));
if (own.Proxies.Count > 0)
{
    var forwarded = new ForwardedHeadersOptions { ForwardedHeaders = ForwardedHeaders.All };
    forwarded.KnownIPNetworks.Clear();
    forwarded.KnownProxies.Clear();
    foreach (var proxy in own.Proxies)
    {
        forwarded.KnownProxies.Add(proxy);
    }

    app.UseForwardedHeaders(forwarded);
}

app.UseExceptionHandler();
app.UseSentBody();
app.UseStatusCodePages(c => Problems.Bare(c.HttpContext));
app.UseMiddleware<OwnPagesOnly>();
app.UseSecurityHeaders();
app.UseTelling();
app.UseRateLimiter();
app.UseRequestTimeouts();
app.UseOutputCache();
app.UseResponseCompression();
if (!describing && connection is null)
{
    WithoutDatabase.Said(app.Logger);
    app.UseCalculatorsOnly();
}
else if (connection is not null)
{
    app.UseMiddleware<Doors>();
}

app.MapOpenApi("/api/openapi.json").Needs(Right.Nobody);
app.MapCompetitions();
app.MapDrafting();
app.MapScoring();
app.MapCalculators();
app.MapPlates();
app.MapPlaying();
app.MapReading();
app.MapStructures();
app.MapExchange();
app.MapProgramme();
app.MapStandards();
app.MapStandardPlaces();
app.MapBriefs();
app.MapMeasuring();
app.MapPublishing();
app.MapReaders();
app.MapAccess();
app.MapPasses();
app.MapPasskeys();
app.MapPersonal();
app.MapPeople();
app.MapLinks();
app.MapLog();
app.MapEntries();
app.MapOfficials();
app.MapPlan();
app.MapPlanSearch();
app.MapKept();
app.MapDesk();
app.MapPhotos();
app.MapResults();
app.MapFinals();
app.MapIncidents();
app.MapDrift();
app.MapStatement();
app.MapTraining();
app.MapEyes();
app.MapTogether();
app.MapFloorReps();
app.MapResultFiles();
app.MapLive();
app.MapTimes();
app.MapCards();
app.MapReadiness();
app.Map("/api/{**rest}", () => Results.Problem(title: "There is no such address.", statusCode: 404))
    .Needs(Right.Nobody)
    .ExcludeFromDescription();
app.UseClient(builder.Configuration["Client"]);
app.Run();

/// <summary>The program; public so that tests can start it.</summary>
public partial class Program;
