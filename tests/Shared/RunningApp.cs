using System.Net;
using System.Net.Http.Json;
using System.Security.Cryptography.X509Certificates;
using FairCompass.Access;
using FairCompass.Store;
using FairCompass.Web.Access;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;

namespace FairCompass.Tests.Shared;

/// <summary>The application on a real port over a database of its own in the real PostgreSQL that <c>./test</c> starts.</summary>
public sealed class RunningApp : WebApplicationFactory<Program>
{
    private readonly string server;
    private readonly string name;
    private readonly bool demo;
    private readonly bool stores;
    private readonly bool ownsDatabase;
    private readonly IReadOnlyDictionary<string, string> settings;

    public RunningApp()
        : this(demo: true) { }

    /// <param name="demo">True for the demo in it.</param>
    /// <param name="stores">False for the application without a database.</param>
    /// <param name="certificate">For TLS; null for plain HTTP.</param>
    /// <param name="settings">More of the configuration, by its keys.</param>
    /// <param name="port">On which port; 0 for any.</param>
    /// <param name="beside">Another copy, whose database this one uses too; null for one of its own.</param>
    public RunningApp(
        bool demo,
        bool stores = true,
        X509Certificate2? certificate = null,
        IReadOnlyDictionary<string, string>? settings = null,
        int port = 0,
        RunningApp? beside = null
    )
    {
        (name, ownsDatabase) = (beside?.name ?? "t_" + Guid.NewGuid().ToString("N"), beside is null && stores);
        (this.demo, this.stores, this.settings) = (demo, stores, settings ?? new Dictionary<string, string>());
        server =
            Environment.GetEnvironmentVariable("FAIRCOMPASS_TEST_CONNECTION")
            ?? throw new InvalidOperationException("FAIRCOMPASS_TEST_CONNECTION is not set; run the tests with ./test.");
        if (ownsDatabase)
        {
            Execute(DailyRole);
            var isUsual = demo && !this.settings.ContainsKey("DemoResults");
            Execute($"create database {name}" + (isUsual ? " template " + Made.Value : ""));
        }

        if (certificate is null)
        {
            UseKestrel(port);
        }
        else
        {
            UseKestrel(o => o.Listen(IPAddress.Loopback, port, l => l.UseHttps(certificate)));
        }

        StartServer();
    }

    /// <summary>The demo in a database that is copied and never used itself.</summary>
    private RunningApp(string name)
    {
        (this.name, demo, stores, settings) = (name, true, true, new Dictionary<string, string>());
        server = Environment.GetEnvironmentVariable("FAIRCOMPASS_TEST_CONNECTION")!;
        Execute($"create database {name}");
        UseKestrel(0);
        StartServer();
    }

    /// <summary>The demo as a first start makes it, once for the tests of a process: copying it takes a small part of the time.</summary>
    private static readonly Lazy<string> Made = new(() =>
    {
        var name = "made_" + Guid.NewGuid().ToString("N");
        var first = new RunningApp(name);
        first.Dispose();
        first.SetDatabaseReachable(false);
        AppDomain.CurrentDomain.ProcessExit += (_, _) => first.Execute($"drop database if exists {name}");
        return name;
    });

    public Uri Address => ClientOptions.BaseAddress;

    public string Connection => new NpgsqlConnectionStringBuilder(server) { Database = name }.ConnectionString;

    /// <summary>With what the application itself works: a role that owns nothing.</summary>
    public string DailyConnection =>
        new NpgsqlConnectionStringBuilder(Connection) { Username = "fair_compass_daily", Password = "daily" }.ConnectionString;

    /// <summary>Makes that role where it is missing; many tests may try at once.</summary>
    private const string DailyRole = """
        do $$ begin
            perform pg_advisory_xact_lock(7711);
            if not exists (select from pg_roles where rolname = 'fair_compass_daily') then
                create role fair_compass_daily login password 'daily';
            end if;
        end $$
        """;

    /// <summary>Signs a client in as somebody of the demo; its cookies are kept by it.</summary>
    public static async Task SignIn(HttpClient http, Role role = Role.Organiser)
    {
        using var answer = await http.PostAsJsonAsync("/api/session", new SignIn(FirstPeople.DemoName(role), FirstPeople.DemoPassphrase));
        answer.EnsureSuccessStatusCode();
    }

    /// <summary>A client that is signed in with an account of its own, which is nothing anywhere.</summary>
    public async Task<HttpClient> Stranger(string name = "Stranger")
    {
        var accounts = Services.GetRequiredService<AccountStore>();
        await accounts.Create(name, Services.GetRequiredService<Passphrases>().Hash(FirstPeople.DemoPassphrase), CancellationToken.None);
        var http = Visitors.At(Address);
        using var answer = await http.PostAsJsonAsync("/api/session", new SignIn(name, FirstPeople.DemoPassphrase));
        answer.EnsureSuccessStatusCode();
        return http;
    }

    /// <summary>Makes the database refuse everybody, as if it had been stopped, or lets them in again.</summary>
    public void SetDatabaseReachable(bool reachable)
    {
        Execute($"alter database {name} allow_connections {reachable}");
        if (!reachable)
        {
            Execute($"select pg_terminate_backend(pid) from pg_stat_activity where datname = '{name}'");
        }
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseEnvironment("Production");
        if (stores)
        {
            builder.UseSetting("ConnectionStrings:Owner", Connection);
            builder.UseSetting("ConnectionStrings:FairCompass", DailyConnection);
        }

        builder.UseSetting("Demo", demo ? "true" : "false");
        // The day that was run takes some seconds to make; tests that are about it ask for it.
        builder.UseSetting("DemoResults", "false");
        builder.UseSetting("Client", Environment.GetEnvironmentVariable("FAIRCOMPASS_TEST_CLIENT"));
        builder.UseSetting("Logging:LogLevel:Default", "Error");
        // All tests come from one address.
        builder.UseSetting("Limits", "false");
        foreach (var (key, value) in settings)
        {
            builder.UseSetting(key, value);
        }
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        if (!ownsDatabase)
        {
            return;
        }

        NpgsqlConnection.ClearAllPools();
        Execute($"drop database if exists {name} with (force)");
    }

    private void Execute(string sql)
    {
        using var db = new NpgsqlConnection(new NpgsqlConnectionStringBuilder(server) { Pooling = false }.ConnectionString);
        db.Open();
        // Many databases are made at the same time.
        using var command = new NpgsqlCommand(sql, db) { CommandTimeout = 120 };
        command.ExecuteNonQuery();
    }
}
