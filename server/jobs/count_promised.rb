# frozen_string_literal: true

module Server
  module Jobs
    # Counts what the picks of a bench take of its shelf, where they are too many for a page to wait for. What was counted is kept until
    # something of the bench changes.
    class CountPromised < Que::Job
      self.maximum_retry_count = 3

      # Weighings that a page waits for: picks, times what each weighing has to read of the drawer.
      SOON = 2500

      class << self
        # @return [String]
        def kind
          "promised"
        end

        # @param maker [Models::Maker]
        # @return [Hash] "promised" by the fabric's id, and whether that is "counting" still: then it is what was counted last
        def ask(maker)
          return { "promised" => count(maker), "counting" => false } if soon?(maker)

          job = Models::Job.ask(maker, self, { "of" => stamp(maker) })
          drop_older(maker, job)
          { "promised" => (job.answer || counted_last(maker))["promised"], "counting" => job.state != "done" }
        end

        # @param maker [Models::Maker]
        # @return [Hash]
        def count(maker)
          projects = maker.projects.reject(&:aside)
          OakenGauge.promised(projects.flat_map(&:takes), projects.filter_map(&:quilt_takes))
        end

        private

        def soon?(maker)
          picks = Models::Pick.joins(:unit).merge(Models::Unit.here).where(units: { project_id: maker.projects.select(:id) }).count
          picks * (maker.tools.count + 10) <= SOON
        end

        # Changes with whatever the counting rests on.
        def stamp(maker)
          projects = maker.all_projects.pluck(:id, :updated_at, :aside, :removed_at)
          units = Models::Unit.where(project_id: projects.map(&:first))
          parts = [projects, maker.lock_version, *[maker.tools, maker.fabrics, maker.blocks, units].map { |all| marks(all) },
                   marks(Models::Pick.where(unit_id: units.select(:id))),
                   Models::UnitFabric.where(unit_id: units.select(:id)).pick(Arel.sql("count(*), max(id)"))]
          # To the microsecond, which JSON leaves out.
          Models::Secret.digest(parts.inspect)
        end

        def marks(all)
          all.reorder(nil).pick(Arel.sql("count(*), max(updated_at), sum(id)"))
        end

        def counted_last(maker)
          maker.jobs.where(kind: kind, state: "done").order(updated_at: :desc).first&.answer || { "promised" => {} }
        end

        # What nobody waits for any more.
        def drop_older(maker, job)
          maker.jobs.where(kind: kind, state: Models::Job::AT_WORK).where.not(id: job.id).find_each(&:stop)
        end
      end

      # @param id [Integer] of a {Models::Job}
      # @return [void]
      def run(id)
        job = Models::Job.find_by(id: id) or return
        job.work { { "promised" => self.class.count(job.maker) } }
      end
    end
  end
end
