# Sourced by the commands that weigh a lot: Ruby's own compiler, where this Ruby has it, and room for what is thrown away
# soon (a weighing makes many short-lived numbers). Together they halve the time of the tests. The compiler sets aside 256 MB in
# every process unless told otherwise; what is compiled here fits into a quarter of that, and runs as fast.
compiled="--yjit --yjit-exec-mem-size=64"
if ruby $compiled -e 0 2>/dev/null; then export RUBYOPT="${RUBYOPT:-} $compiled"; fi
unset compiled
# Where nothing says which letters files are written in, they are written in UTF-8: a service is started so.
case "${LC_ALL:-${LC_CTYPE:-${LANG:-}}}" in *[Uu][Tt][Ff]*) ;; *) export LC_ALL=C.UTF-8 ;; esac
export RUBY_GC_HEAP_INIT_SLOTS=1000000 RUBY_GC_MALLOC_LIMIT=100000000 RUBY_GC_OLDMALLOC_LIMIT=200000000
